package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ReadingSwapRepository extends Repository<ReadingSwap, UUID> {
    ReadingSwap save(ReadingSwap swap);

    Optional<ReadingSwap> findById(UUID id);

    List<ReadingSwap> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
