package jawread.server.measure;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface CutMarkRepository extends Repository<CutMarkRow, UUID> {
    CutMarkRow save(CutMarkRow mark);

    Optional<CutMarkRow> findById(UUID id);

    List<CutMarkRow> findAllByPartIdInOrderByMadeAt(Collection<Long> partIds);
}
