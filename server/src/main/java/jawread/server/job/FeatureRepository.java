package jawread.server.job;

import java.util.Optional;
import org.springframework.data.repository.Repository;

interface FeatureRepository extends Repository<FeatureRow, Long> {
    FeatureRow save(FeatureRow feature);

    Optional<FeatureRow> findById(long id);
}
