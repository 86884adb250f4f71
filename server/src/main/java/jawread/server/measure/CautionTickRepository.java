package jawread.server.measure;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CautionTickRepository extends Repository<CautionTickRow, UUID> {
    CautionTickRow save(CautionTickRow tick);

    List<CautionTickRow> findAllByJobIdAndPerson(long jobId, long personId);
}
