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

    @Query("select s.gaugeId, max(s.at) from ComparatorSettingRow s group by s.gaugeId")
    List<Object[]> findLastByGauge();
}
