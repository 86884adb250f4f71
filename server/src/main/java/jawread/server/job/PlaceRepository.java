package jawread.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PlaceRepository extends Repository<PlaceRow, Long> {
    PlaceRow save(PlaceRow place);

    Optional<PlaceRow> findById(long id);

    List<PlaceRow> findAllByFeatureIdInOrderByPosition(Collection<Long> features);

    /** Those taken on one part, besides the plan's own. */
    @Query("""
            select place from PlaceRow place
            where place.partId is not null and place.featureId in (select each.id from FeatureRow each where each.plan.id = :plan)
            order by place.id""")
    List<PlaceRow> findAllTakenBesides(long plan);
}
