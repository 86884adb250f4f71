package jawread.server.access;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ShopSessionRepository extends Repository<ShopSession, UUID> {
    ShopSession save(ShopSession session);

    @Query("select s from ShopSession s join fetch s.person where s.id = :id")
    Optional<ShopSession> findById(UUID id);
}
