package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface MasterRepository extends Repository<MasterRow, Long> {
    MasterRow saveAndFlush(MasterRow master);

    Optional<MasterRow> findById(long id);

    Optional<MasterRow> findByShopNumberIgnoreCase(String number);

    List<MasterRow> findAllByOrderById();
}
