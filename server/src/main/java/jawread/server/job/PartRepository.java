package jawread.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PartRepository extends Repository<PartRow, Long> {
    PartRow save(PartRow part);

    @Query("""
            select p from PartRow p join fetch p.plan plan join fetch plan.job job left join fetch job.settings
            where p.id = :id""")
    Optional<PartRow> findById(long id);

    @Query("select p.plan.job.id from PartRow p where p.id = :id")
    Optional<Long> findJobOf(long id);

    @Query("""
            select p from PartRow p join fetch p.plan plan join fetch plan.job
            where plan.id = :planId and p.removedAt is null order by p.position""")
    List<PartRow> findAllInForce(long planId);

    @Query("""
            select p from PartRow p join fetch p.plan plan join fetch plan.job job
            where lower(p.mark) = lower(:mark) and p.removedAt is null and job.practice = false order by job.openedAt, p.id""")
    List<PartRow> findAllMarked(String mark);

    @Query("""
            select p from PartRow p join fetch p.plan plan join fetch plan.job job
            where p.id in :ids and p.removedAt is null order by job.openedAt, p.id""")
    List<PartRow> findAllListed(Collection<Long> ids);
}
