package jawread.server.comparator;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ComparatorSettingRepository extends Repository<ComparatorSetting, UUID> {
    ComparatorSetting save(ComparatorSetting kept);

    Optional<ComparatorSetting> findById(UUID id);

    @EntityGraph(attributePaths = {"master", "micrometer"})
    Optional<ComparatorSetting> findFirstByGaugeIdOrderByAtDesc(long gauge);

    Optional<ComparatorSetting> findFirstByGaugeIdAndAtLessThanEqualOrderByAtDesc(long gauge, Instant at);

    @EntityGraph(attributePaths = {"master", "micrometer"})
    List<ComparatorSetting> findAllByGaugeIdOrderByAt(long gauge);

    @Query("select s.gauge.id, max(s.at) from ComparatorSetting s group by s.gauge.id")
    List<Object[]> findLastByGauge();

    @Query("select s.gauge.id, s.at from ComparatorSetting s order by s.at")
    List<Object[]> findAllByGauge();
}
