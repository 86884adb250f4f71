package jawread.server.drawer;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface GaugeCheckRepository extends Repository<GaugeCheckRow, UUID> {
    GaugeCheckRow save(GaugeCheckRow kept);

    Optional<GaugeCheckRow> findById(UUID id);

    List<GaugeCheckRow> findAllByGaugeIdOrderByAt(long gauge);

    /** The last of each gauge, found at the end of an index: a shop looks at its zeros some thousand times a year. */
    @Query(nativeQuery = true, value = """
            SELECT c.* FROM gauge g JOIN gauge_check c ON c.id = (
                SELECT own.id FROM gauge_check own WHERE own.gauge_id = g.id
                ORDER BY own.gauge_id DESC, own.at DESC FETCH FIRST ROW ONLY)
            """)
    List<GaugeCheckRow> findLastOfEach();

    /** The last one since a moment that a temperature was noted at. */
    Optional<GaugeCheckRow> findFirstByAtAfterAndTemperatureIsNotNullOrderByAtDesc(Instant since);
}
