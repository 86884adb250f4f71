package jawread.server.comparator;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ComparatorSettingRepository extends Repository<ComparatorSettingRow, UUID> {
    ComparatorSettingRow save(ComparatorSettingRow kept);

    Optional<ComparatorSettingRow> findById(UUID id);

    Optional<ComparatorSettingRow> findFirstByGaugeIdOrderByAtDesc(long gauge);

    Optional<ComparatorSettingRow> findFirstByGaugeIdAndAtLessThanEqualOrderByAtDesc(long gauge, Instant at);

    List<ComparatorSettingRow> findAllByGaugeIdOrderByAt(long gauge);

    List<ComparatorSettingRow> findAllByIdIn(Collection<UUID> ids);

    /** The last of each gauge, found at the end of an index. */
    @Query(nativeQuery = true, value = """
            SELECT s.* FROM gauge g JOIN comparator_setting s ON s.id = (
                SELECT own.id FROM comparator_setting own WHERE own.gauge_id = g.id
                ORDER BY own.gauge_id DESC, own.at DESC FETCH FIRST ROW ONLY)
            """)
    List<ComparatorSettingRow> findLastOfEach();
}
