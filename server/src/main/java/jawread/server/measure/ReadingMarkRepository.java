package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ReadingMarkRepository extends Repository<ReadingMark, UUID> {
    ReadingMark save(ReadingMark mark);

    Optional<ReadingMark> findById(UUID id);

    boolean existsByReadingIdAndKind(UUID readingId, ReadingMark.Kind kind);

    @Query("""
            select m from ReadingMark m join fetch m.reading r join fetch r.gauge left join fetch r.reader
            join fetch r.round round join fetch round.part part join fetch part.plan plan join fetch plan.job
            where m.slip is not null and m.kind <> KEEP order by m.madeAt desc""")
    List<ReadingMark> findAllOwnedTo();

    List<ReadingMark> findAllByReadingPartIdInOrderByMadeAt(List<Long> partIds);
}
