package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SizeSaidRepository extends Repository<SizeSaidRow, UUID> {
    SizeSaidRow save(SizeSaidRow said);

    Optional<SizeSaidRow> findById(UUID id);

    List<SizeSaidRow> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
