package jawread.server.measure;

import java.util.List;
import jawread.server.job.Part;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what was read. */
@Service
public class Histories {
    private final RoundRepository rounds;
    private final ReadingRepository readings;
    private final ReadingMarkRepository marks;

    public Histories(RoundRepository rounds, ReadingRepository readings, ReadingMarkRepository marks) {
        this.rounds = rounds;
        this.readings = readings;
        this.marks = marks;
    }

    @Transactional(readOnly = true)
    public History of(List<Part> parts) {
        List<Long> ids = parts.stream().map(Part::id).toList();
        return History.of(
                rounds.findAllByPartIdInOrderByNumber(ids),
                readings.findAllByPartIdInOrderBySeq(ids),
                marks.findAllByReadingPartIdInOrderByMadeAt(ids));
    }
}
