package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ReadingSwapRepository extends Repository<ReadingSwapRow, UUID> {
    ReadingSwapRow save(ReadingSwapRow swap);

    Optional<ReadingSwapRow> findById(UUID id);

    List<ReadingSwapRow> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
