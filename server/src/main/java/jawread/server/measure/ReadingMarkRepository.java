package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.ReadingMark;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ReadingMarkRepository extends Repository<ReadingMarkRow, UUID> {
    ReadingMarkRow save(ReadingMarkRow mark);

    Optional<ReadingMarkRow> findById(UUID id);

    boolean existsByReadingIdAndKind(UUID readingId, ReadingMark.Kind kind);

    @Query("""
            select m from ReadingMarkRow m join fetch m.reading r join fetch r.round
            where m.slip is not null and m.kind <> KEEP
            and r.jobId not in (select job.id from JobRow job where job.practice = true) order by m.madeAt desc""")
    List<ReadingMarkRow> findAllOwnedTo();

    List<ReadingMarkRow> findAllByReadingPartIdInOrderByMadeAt(List<Long> partIds);
}
