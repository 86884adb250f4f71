package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface GaugeRepository extends Repository<Gauge, Long> {
    Gauge saveAndFlush(Gauge gauge);

    Optional<Gauge> findById(long id);

    Optional<Gauge> findByShopNumberIgnoreCase(String number);

    List<Gauge> findAllByOrderById();
}
