package jawread.server.identity;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PartLinkRepository extends Repository<PartLinkRow, UUID> {
    PartLinkRow save(PartLinkRow link);

    Optional<PartLinkRow> findById(UUID id);

    /** Of any of these parts with whatever other, in the order in which it was said. */
    @Query("select l from PartLinkRow l where l.one in :parts or l.other in :parts order by l.madeAt, l.id")
    List<PartLinkRow> findAllOf(Collection<Long> parts);

    /** The parts of a job of which anything was said. */
    @Query("""
            select p.id from PartRow p where p.plan.job.id = :job
            and exists (select l from PartLinkRow l where l.one = p.id or l.other = p.id)""")
    Set<Long> findPartsLinkedIn(long job);

    @Query("select distinct p.plan.job.id from PartRow p where p.id in :parts")
    Set<Long> findJobsOf(Collection<Long> parts);
}
