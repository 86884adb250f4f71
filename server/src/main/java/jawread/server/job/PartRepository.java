package jawread.server.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PartRepository extends Repository<Part, Long> {
    Part save(Part part);

    @Query("""
            select p from Part p join fetch p.plan plan join fetch plan.job job left join fetch job.settings
            where p.id = :id""")
    Optional<Part> findById(long id);

    @Query("select p.plan.job.id from Part p where p.id = :id")
    Optional<Long> findJobOf(long id);

    @Query("""
            select p from Part p join fetch p.plan plan join fetch plan.job
            where plan.id = :planId and p.removedAt is null order by p.position""")
    List<Part> findAllInForce(long planId);

    @Query("""
            select p from Part p join fetch p.plan plan join fetch plan.job job
            where lower(p.mark) = lower(:mark) and p.removedAt is null order by job.openedAt, p.id""")
    List<Part> findAllMarked(String mark);
}
