package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface LookRepository extends Repository<LookRow, UUID> {
    LookRow save(LookRow look);

    Optional<LookRow> findById(UUID id);

    List<LookRow> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
