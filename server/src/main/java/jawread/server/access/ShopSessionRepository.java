package jawread.server.access;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ShopSessionRepository extends Repository<ShopSession, Long> {
    ShopSession save(ShopSession session);

    Optional<ShopSession> findById(long id);

    Optional<ShopSession> findByDigest(String digest);

    @Query("select s from ShopSession s where s.endsAt > :now order by s.openedAt desc, s.id desc")
    List<ShopSession> findAllOpen(Instant now);
}
