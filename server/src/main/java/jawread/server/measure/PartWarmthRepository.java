package jawread.server.measure;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.repository.Repository;

interface PartWarmthRepository extends Repository<PartWarmth, UUID> {
    PartWarmth save(PartWarmth kept);

    Optional<PartWarmth> findById(UUID id);

    @EntityGraph(attributePaths = "person")
    Optional<PartWarmth> findFirstByPartIdOrderByAtDesc(long part);
}
