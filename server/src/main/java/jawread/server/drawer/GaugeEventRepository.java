package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface GaugeEventRepository extends Repository<GaugeEventRow, UUID> {
    GaugeEventRow save(GaugeEventRow kept);

    Optional<GaugeEventRow> findById(UUID id);

    List<GaugeEventRow> findAllByGaugeIdOrderByAt(long gauge);

    List<GaugeEventRow> findAllByOrderByAt();
}
