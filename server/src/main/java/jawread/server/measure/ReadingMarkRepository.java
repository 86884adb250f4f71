package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.repository.Repository;

interface ReadingMarkRepository extends Repository<ReadingMark, UUID> {
    ReadingMark save(ReadingMark mark);

    Optional<ReadingMark> findById(UUID id);

    boolean existsByReadingIdAndKind(UUID readingId, ReadingMark.Kind kind);

    @EntityGraph(attributePaths = "person")
    List<ReadingMark> findAllByReadingPartIdInOrderByMadeAt(List<Long> partIds);
}
