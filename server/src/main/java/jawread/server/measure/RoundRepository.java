package jawread.server.measure;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RoundRepository extends Repository<MeasuringRoundRow, UUID> {
    MeasuringRoundRow save(MeasuringRoundRow round);

    Optional<MeasuringRoundRow> findById(UUID id);

    /** Of a feature in these of its editions. */
    List<MeasuringRoundRow> findAllByPartIdAndFeatureIdIn(long partId, Collection<Long> featureIds);

    boolean existsByPartId(long partId);

    List<MeasuringRoundRow> findAllByPartIdIn(List<Long> partIds);
}
