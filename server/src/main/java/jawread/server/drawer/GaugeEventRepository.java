package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface GaugeEventRepository extends Repository<GaugeEvent, UUID> {
    GaugeEvent save(GaugeEvent kept);

    Optional<GaugeEvent> findById(UUID id);

    List<GaugeEvent> findAllByGaugeIdOrderByAt(long gauge);

    List<GaugeEvent> findAllByOrderByAt();
}
