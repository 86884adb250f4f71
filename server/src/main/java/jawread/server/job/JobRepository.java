package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface JobRepository extends Repository<Job, Long> {
    Job save(Job job);

    Job saveAndFlush(Job job);

    Optional<Job> findById(long id);

    List<Job> findAllByOrderByIdDesc();

    /** What was touched last comes first. */
    @Query("""
            select job from Job job where job.archivedAt is null
            order by (select max(line.id) from JournalLine line where line.jobId = job.id) desc nulls last, job.id desc
            """)
    List<Job> findOpenByLastTouched();

    long count();
}
