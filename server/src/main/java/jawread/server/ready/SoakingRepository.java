package jawread.server.ready;

import java.util.List;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SoakingRepository extends Repository<Soaking, UUID> {
    Soaking save(Soaking soaking);

    boolean existsById(UUID id);

    List<Soaking> findAllByOrderByUntil();

    void deleteById(UUID id);
}
