package jawread.server.job;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface JobArrivalRepository extends Repository<JobArrivalRow, UUID> {
    JobArrivalRow save(JobArrivalRow row);

    List<JobArrivalRow> findAllByJobIdOrderByMadeAt(long job);
}
