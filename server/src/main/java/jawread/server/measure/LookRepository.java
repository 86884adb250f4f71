package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LookRepository extends Repository<Look, UUID> {
    Look save(Look look);

    Optional<Look> findById(UUID id);

    List<Look> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
