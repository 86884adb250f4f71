package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface RoundRepository extends Repository<MeasuringRound, UUID> {
    MeasuringRound save(MeasuringRound round);

    Optional<MeasuringRound> findById(UUID id);

    Optional<MeasuringRound> findByPartIdAndFeatureIdAndNumber(long partId, long featureId, int number);

    boolean existsByPartId(long partId);

    List<MeasuringRound> findAllByPartIdInOrderByNumber(List<Long> partIds);
}
