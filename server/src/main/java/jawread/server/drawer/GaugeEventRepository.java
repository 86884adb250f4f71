package jawread.server.drawer;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface GaugeEventRepository extends Repository<GaugeEventRow, UUID> {
    GaugeEventRow save(GaugeEventRow kept);

    Optional<GaugeEventRow> findById(UUID id);

    List<GaugeEventRow> findAllByGaugeIdOrderByAt(long gauge);

    /** Gauge, kind and moment of the last of each kind. */
    @Query("select e.gaugeId, e.kind, max(e.at) from GaugeEventRow e where e.kind in :kinds group by e.gaugeId, e.kind")
    List<Object[]> findLast(Collection<GaugeEvent.Kind> kinds);
}
