package jawread.server.judgement;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PartDecisionRepository extends Repository<PartDecision, UUID> {
    PartDecision save(PartDecision decision);

    Optional<PartDecision> findById(UUID id);

    List<PartDecision> findAllByPartIdOrderByMadeAt(long partId);
}
