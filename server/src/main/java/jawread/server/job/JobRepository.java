package jawread.server.job;

import java.util.List;
import org.springframework.data.repository.Repository;

interface JobRepository extends Repository<Job, Long> {
    Job save(Job job);

    List<Job> findAllByOrderByOpenedAtDescIdDesc();

    long count();
}
