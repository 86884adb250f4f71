package jawread.server.settings;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ShopMarkRepository extends Repository<ShopMarkRow, UUID> {
    ShopMarkRow save(ShopMarkRow row);

    Optional<ShopMarkRow> findFirstByOrderBySetAtDesc();
}
