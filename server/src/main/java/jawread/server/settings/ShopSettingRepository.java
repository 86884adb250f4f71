package jawread.server.settings;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface ShopSettingRepository extends Repository<ShopSetting, String> {
    ShopSetting saveAndFlush(ShopSetting setting);

    Optional<ShopSetting> findByName(String name);

    List<ShopSetting> findAll();
}
