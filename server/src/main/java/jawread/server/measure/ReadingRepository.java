package jawread.server.measure;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Keeps and finds readings. There is no way here to change or delete one. */
interface ReadingRepository extends Repository<Reading, UUID> {
    Reading save(Reading reading);

    Optional<Reading> findById(UUID id);

    @EntityGraph(
            attributePaths = {
                "round",
                "place",
                "gauge",
                "reader",
                "person",
                "warmth",
                // What a comparator stood at is named with each reading, long after its transaction.
                "setting",
                "setting.master",
                "setting.micrometer",
                "setting.person"
            })
    List<Reading> findAllByPartIdInAndSeqGreaterThanOrderBySeq(List<Long> partIds, long seq);

    @EntityGraph(attributePaths = {"gauge", "reader"})
    Optional<Reading> findByJobIdAndSeq(long jobId, long seq);

    /** When each gauge was last read with, by the one whose scale it was. */
    @Query("""
            select coalesce(r.reader.id, r.gauge.id), max(r.takenAt) from Reading r
            group by coalesce(r.reader.id, r.gauge.id)""")
    List<Object[]> findLastUses();

    @Query("select count(r) from Reading r where coalesce(r.reader.id, r.gauge.id) = :gauge and r.takenAt > :since")
    long findCountSince(long gauge, Instant since);
}
