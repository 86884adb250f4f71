package jawread.server.measure;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what was read. */
@Service
public class Histories {
    private final RoundRepository rounds;
    private final ReadingRepository readings;
    private final ReadingMarkRepository marks;
    private final LookRepository looks;
    /** Readings by plan, in the order of their numbers; they are insert-only, so what was read once holds. */
    private final Map<Long, List<Reading>> known = new ConcurrentHashMap<>();

    public Histories(
            RoundRepository rounds, ReadingRepository readings, ReadingMarkRepository marks, LookRepository looks) {
        this.rounds = rounds;
        this.readings = readings;
        this.marks = marks;
        this.looks = looks;
    }

    @Transactional(readOnly = true)
    public History of(Plan plan, List<Part> parts) {
        List<Long> ids = parts.stream().map(Part::id).toList();
        return History.of(
                rounds.findAllByPartIdInOrderByNumber(ids),
                readings(plan, ids),
                marks.findAllByReadingPartIdInOrderByMadeAt(ids),
                looks.findAllByPartIdInOrderByMadeAt(ids));
    }

    /** Those known, and those that came since: numbers are given in the order of commits, and a row never changes. */
    private List<Reading> readings(Plan plan, List<Long> parts) {
        List<Reading> before = known.getOrDefault(plan.id(), List.of());
        long last = before.isEmpty() ? 0 : before.get(before.size() - 1).seq();
        List<Reading> since = readings.findAllByPartIdInAndSeqGreaterThanOrderBySeq(parts, last);
        if (since.isEmpty()) {
            return before;
        }
        var all = Stream.concat(before.stream(), since.stream()).toList();
        known.put(plan.id(), all);
        return all;
    }
}
