package jawread.server.access;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.repository.Repository;

interface ShopSessionRepository extends Repository<ShopSession, UUID> {
    ShopSession save(ShopSession session);

    @EntityGraph(attributePaths = "person")
    Optional<ShopSession> findById(UUID id);
}
