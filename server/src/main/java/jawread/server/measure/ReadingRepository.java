package jawread.server.measure;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Keeps and finds readings. There is no way here to change or delete one. */
interface ReadingRepository extends Repository<ReadingRow, UUID> {
    ReadingRow save(ReadingRow reading);

    Optional<ReadingRow> findById(UUID id);

    List<ReadingRow> findAllByIdIn(Collection<UUID> ids);

    /** Which never changes. */
    @Query("select r.jobId from ReadingRow r where r.id = :id")
    Optional<Long> findJobOf(UUID id);

    /** The jobs of these, each once. */
    @Query("select distinct r.jobId from ReadingRow r where r.id in :ids")
    Set<Long> findJobsOf(Collection<UUID> ids);

    /** Whether a gauge was ever read with, or carried to one that was. */
    @Query("select count(r) > 0 from ReadingRow r where r.gaugeId = :gauge or r.readerId = :gauge")
    boolean existsReadWith(long gauge);

    /** Said as a query of its own, so that its plan is made once and not with every reading. */
    @Query("""
            select r from ReadingRow r join fetch r.round left join fetch r.warmth
            where r.jobId = :job and r.seq > :seq order by r.seq""")
    List<ReadingRow> findAllSince(long job, long seq);

    @Query("""
            select new jawread.server.measure.Readings$At(r.partId, r.placeId, cast(count(r) as integer)) from ReadingRow r
            where r.jobId = :job group by r.partId, r.placeId""")
    List<Readings.At> findCountByPlace(long job);

    @Query("""
            select new jawread.server.measure.FirstTaken$Taken(r.partId, min(r.takenAt)) from ReadingRow r
            where r.partId in :parts group by r.partId""")
    List<FirstTaken.Taken> findFirstTaken(Collection<Long> parts);

    @Query("select r from ReadingRow r join fetch r.round left join fetch r.warmth where r.id in :ids order by r.seq")
    List<ReadingRow> findAllByIds(Collection<UUID> ids);

    /** Whether a place was measured with a scale, by readings that count and are no quick check. */
    @Query("""
            select count(r) > 0 from ReadingRow r
            where r.partId = :part and r.placeId in :places and r.round.id in :rounds and r.quick = false
            and coalesce(r.readerId, r.gaugeId) = :gauge
            and not exists (select m from ReadingMarkRow m where m.reading = r and m.kind = STRIKE)""")
    boolean existsWith(long part, Collection<Long> places, Collection<UUID> rounds, long gauge);

    /** The last of each gauge whose scale was ever read, found at the end of an index: a shop has tens of thousands. */
    @Query(nativeQuery = true, value = """
            SELECT r.* FROM gauge g JOIN reading r ON r.id = (
                SELECT own.id FROM reading own WHERE own.gauge_id = g.id AND own.reader_id IS NULL
                ORDER BY own.gauge_id DESC, own.reader_id DESC, own.taken_at DESC FETCH FIRST ROW ONLY)
            UNION ALL
            SELECT r.* FROM gauge g JOIN reading r ON r.id = (
                SELECT other.id FROM reading other WHERE other.reader_id = g.id
                ORDER BY other.reader_id DESC, other.taken_at DESC FETCH FIRST ROW ONLY)
            """)
    List<ReadingRow> findLastUses();

    /** By the index of each side, and from a moment on: whatever was read before that is not looked at. */
    @Query(nativeQuery = true, value = """
            SELECT job_id FROM reading WHERE gauge_id IN (:gauges) AND reader_id IS NULL AND taken_at >= :since
            UNION SELECT job_id FROM reading WHERE gauge_id IN (:gauges) AND reader_id IS NOT NULL AND taken_at >= :since
            UNION SELECT job_id FROM reading WHERE reader_id IN (:gauges) AND taken_at >= :since""")
    Set<Long> findJobsReadWith(Collection<Long> gauges, Instant since);

    /** What a box made up took no metal to the gauge. */
    @Query("""
            select count(r) from ReadingRow r
            where coalesce(r.readerId, r.gaugeId) = :gauge and r.takenAt > :since and r.origin <> SIMULATED""")
    long findCountSince(long gauge, Instant since);
}
