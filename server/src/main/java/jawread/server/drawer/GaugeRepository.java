package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface GaugeRepository extends Repository<Gauge, Long> {
    Gauge save(Gauge gauge);

    Optional<Gauge> findById(long id);

    List<Gauge> findAllByOrderById();
}
