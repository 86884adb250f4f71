package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PlaceMarkRepository extends Repository<PlaceMarkRow, UUID> {
    PlaceMarkRow save(PlaceMarkRow mark);

    Optional<PlaceMarkRow> findById(UUID id);

    List<PlaceMarkRow> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
