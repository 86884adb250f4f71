package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface GaugeCheckRepository extends Repository<GaugeCheck, UUID> {
    GaugeCheck save(GaugeCheck kept);

    Optional<GaugeCheck> findById(UUID id);

    List<GaugeCheck> findAllByGaugeIdOrderByAt(long gauge);

    List<GaugeCheck> findAllByOrderByAt();
}
