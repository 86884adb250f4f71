package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RoundRepository extends Repository<MeasuringRoundRow, UUID> {
    MeasuringRoundRow save(MeasuringRoundRow round);

    Optional<MeasuringRoundRow> findById(UUID id);

    Optional<MeasuringRoundRow> findByPartIdAndFeatureIdAndNumber(long partId, long featureId, int number);

    boolean existsByPartId(long partId);

    List<MeasuringRoundRow> findAllByPartIdInOrderByNumber(List<Long> partIds);
}
