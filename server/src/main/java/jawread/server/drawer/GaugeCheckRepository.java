package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface GaugeCheckRepository extends Repository<GaugeCheckRow, UUID> {
    GaugeCheckRow save(GaugeCheckRow kept);

    Optional<GaugeCheckRow> findById(UUID id);

    List<GaugeCheckRow> findAllByGaugeIdOrderByAt(long gauge);

    List<GaugeCheckRow> findAllByOrderByAt();
}
