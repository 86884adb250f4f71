package jawread.server.job;

import java.util.Optional;
import org.springframework.data.repository.Repository;

interface FeatureRepository extends Repository<Feature, Long> {
    Feature save(Feature feature);

    Optional<Feature> findById(long id);
}
