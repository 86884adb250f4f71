package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.repository.Repository;

interface PlaceMarkRepository extends Repository<PlaceMark, UUID> {
    PlaceMark save(PlaceMark mark);

    Optional<PlaceMark> findById(UUID id);

    @EntityGraph(attributePaths = "place")
    List<PlaceMark> findAllByPartIdInOrderByMadeAt(List<Long> partIds);
}
