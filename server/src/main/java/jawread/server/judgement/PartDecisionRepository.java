package jawread.server.judgement;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PartDecisionRepository extends Repository<PartDecisionRow, UUID> {
    PartDecisionRow save(PartDecisionRow decision);

    Optional<PartDecisionRow> findById(UUID id);

    List<PartDecisionRow> findAllByPartIdOrderByMadeAt(long partId);
}
