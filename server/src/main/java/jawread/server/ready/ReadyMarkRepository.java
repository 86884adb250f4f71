package jawread.server.ready;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ReadyMarkRepository extends Repository<ReadyMark, UUID> {
    ReadyMark save(ReadyMark kept);

    Optional<ReadyMark> findById(UUID id);

    List<ReadyMark> findAllByJobIdAndAtGreaterThanOrderByAt(long job, Instant after);
}
