package jawread.server.measure;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Keeps and finds readings. There is no way here to change or delete one. */
interface ReadingRepository extends Repository<Reading, UUID> {
    Reading save(Reading reading);

    Optional<Reading> findById(UUID id);

    /** Which never changes. */
    @Query("select r.job.id from Reading r where r.id = :id")
    Optional<Long> findJobOf(UUID id);

    /** The jobs of these, each once. */
    @Query("select distinct r.job.id from Reading r where r.id in :ids")
    List<Long> findJobsOf(Collection<UUID> ids);

    /** Whether a gauge was ever read with, or carried to one that was. */
    @Query("select count(r) > 0 from Reading r where r.gauge.id = :gauge or r.reader.id = :gauge")
    boolean existsReadWith(long gauge);

    /**
     * Whole: what a comparator stood at is named with each reading, long after its transaction. Said as a query of its own, and not by
     * a list of parts, because then its plan is made once and not with every reading.
     */
    @Query("""
            select r from Reading r join fetch r.round join fetch r.place join fetch r.gauge left join fetch r.reader
            left join fetch r.warmth left join fetch r.setting setting left join fetch setting.master
            left join fetch setting.micrometer
            where r.job.id = :job and r.planRevision.plan.id = :plan and r.seq > :seq order by r.seq""")
    List<Reading> findAllSince(long job, long plan, long seq);

    /** Whether a place was measured with a scale, by readings that count and are no quick check. */
    @Query("""
            select count(r) > 0 from Reading r
            where r.partId = :part and r.place.id = :place and r.round.number = :round and r.quick = false
            and coalesce(r.reader.id, r.gauge.id) = :gauge
            and not exists (select m from ReadingMark m where m.reading = r and m.kind = STRIKE)""")
    boolean existsWith(long part, long place, int round, long gauge);

    /** When each gauge was last read with, by the one whose scale it was. */
    @Query("""
            select coalesce(r.reader.id, r.gauge.id), max(r.takenAt) from Reading r
            group by coalesce(r.reader.id, r.gauge.id)""")
    List<Object[]> findLastUses();

    /** The same by the readings of a job from one of them on. */
    @Query("""
            select coalesce(r.reader.id, r.gauge.id), max(r.takenAt) from Reading r
            where r.job.id = :job and r.seq >= :seq group by coalesce(r.reader.id, r.gauge.id)""")
    List<Object[]> findLastUsesFrom(long job, long seq);

    @Query("select count(r) from Reading r where coalesce(r.reader.id, r.gauge.id) = :gauge and r.takenAt > :since")
    long findCountSince(long gauge, Instant since);
}
