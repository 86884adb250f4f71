package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface MasterRepository extends Repository<ShopMaster, Long> {
    ShopMaster saveAndFlush(ShopMaster master);

    Optional<ShopMaster> findById(long id);

    Optional<ShopMaster> findByShopNumberIgnoreCase(String number);

    List<ShopMaster> findAllByOrderById();
}
