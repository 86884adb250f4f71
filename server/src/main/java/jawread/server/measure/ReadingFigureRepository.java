package jawread.server.measure;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Keeps and finds the figures that sizes were made of. */
interface ReadingFigureRepository extends Repository<ReadingFigureRow, UUID> {
    ReadingFigureRow save(ReadingFigureRow figure);

    List<ReadingFigureRow> findAllByReadingIdInOrderByNumber(Collection<UUID> readings);

    @Query("select count(f) > 0 from ReadingFigureRow f where f.gaugeId = :gauge or f.readerId = :gauge")
    boolean existsReadWith(long gauge);

    @Query("select count(f) from ReadingFigureRow f"
            + " where f.number > 1 and coalesce(f.readerId, f.gaugeId) = :gauge and f.takenAt > :since")
    long findCountSince(long gauge, Instant since);

    @Query(nativeQuery = true, value = """
            SELECT r.job_id FROM reading_figure f JOIN reading r ON r.id = f.reading_id
            WHERE f.gauge_id IN (:gauges) AND f.taken_at >= :since
            UNION SELECT r.job_id FROM reading_figure f JOIN reading r ON r.id = f.reading_id
            WHERE f.reader_id IN (:gauges) AND f.taken_at >= :since""")
    Set<Long> findJobsReadWith(Collection<Long> gauges, Instant since);

    /** When a gauge whose scale was read was read last. */
    record LastUse(long gauge, Instant at) {}

    @Query("""
            select new jawread.server.measure.ReadingFigureRepository$LastUse(coalesce(f.readerId, f.gaugeId), max(f.takenAt))
            from ReadingFigureRow f group by coalesce(f.readerId, f.gaugeId)""")
    List<LastUse> findLastUses();
}
