package jawread.server.job;

import java.util.Collection;
import java.util.List;
import org.springframework.data.repository.Repository;

interface PlaceRepository extends Repository<PlaceRow, Long> {
    PlaceRow save(PlaceRow place);

    List<PlaceRow> findAllByFeatureIdInOrderByPosition(Collection<Long> features);
}
