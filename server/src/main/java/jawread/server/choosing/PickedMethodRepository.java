package jawread.server.choosing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface PickedMethodRepository extends Repository<PickedMethod, PickedMethod.Where> {
    PickedMethod save(PickedMethod picked);

    void delete(PickedMethod picked);

    Optional<PickedMethod> findByPlanIdAndFeatureKey(long planId, UUID featureKey);

    List<PickedMethod> findAllByPlanId(long planId);
}
