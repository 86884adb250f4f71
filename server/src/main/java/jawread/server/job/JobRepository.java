package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface JobRepository extends Repository<JobRow, Long> {
    JobRow save(JobRow job);

    JobRow saveAndFlush(JobRow job);

    Optional<JobRow> findById(long id);

    List<JobRow> findAllByOrderByIdDesc();

    /** What was touched last comes first. */
    @Query(nativeQuery = true, value = """
            SELECT job.* FROM job WHERE job.archived_at IS NULL
            ORDER BY (SELECT MAX(line.id) FROM journal line WHERE line.job_id = job.id) DESC NULLS LAST, job.id DESC
            """)
    List<JobRow> findOpenByLastTouched();

    long count();
}
