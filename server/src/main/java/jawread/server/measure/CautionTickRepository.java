package jawread.server.measure;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CautionTickRepository extends Repository<CautionTick, UUID> {
    CautionTick save(CautionTick tick);

    List<CautionTick> findAllByJobIdAndPerson(long jobId, long personId);
}
