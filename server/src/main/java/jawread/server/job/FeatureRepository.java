package jawread.server.job;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface FeatureRepository extends Repository<FeatureRow, Long> {
    FeatureRow save(FeatureRow feature);

    Optional<FeatureRow> findById(long id);

    /** Every edition there ever was. */
    List<FeatureRow> findAllByPlanId(long planId);

    Optional<FeatureRow> findFirstByPlanIdAndKeyOrderById(long planId, UUID key);
}
