package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface GaugeRepository extends Repository<GaugeRow, Long> {
    GaugeRow saveAndFlush(GaugeRow gauge);

    Optional<GaugeRow> findById(long id);

    Optional<GaugeRow> findByShopNumberIgnoreCase(String number);

    List<GaugeRow> findAllByOrderById();
}
