package jawread.server.intake;

import java.util.List;
import java.util.Map;
import jawread.server.access.Person;
import jawread.server.intake.TableInView.TableKeptView;
import jawread.server.live.Underway.Progress;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Readings;
import jawread.server.measure.Readings.SomeRefused;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings tables of readings into a job: shown first, then kept all or none, or the good rows with the bad ones handed back. */
@Service
class TablesIn {
    private final Understanding understanding;
    private final TableInWords says;
    private final Readings readings;
    private final TablesBefore before;
    private final Words words;

    TablesIn(Understanding understanding, TableInWords says, Readings readings, TablesBefore before, Words words) {
        this.understanding = understanding;
        this.says = says;
        this.readings = readings;
        this.before = before;
        this.words = words;
    }

    /** What a table holds; nothing of it is kept. Refuses with 422 what is no table, and one without a reading. */
    @Transactional(readOnly = true)
    TableInView look(long jobId, byte[] file, How how, Person person, Progress progress) {
        Understood of = understanding.judged(understanding.of(jobId, file, how, person), progress);
        return says.of(of, how, readings.kept(of.readings()).size(), before.cameBefore(of));
    }

    /**
     * Keeps the readings of a table, with the columns as they were shown.
     *
     * @param onlyGood whether the good rows are kept where some are bad; else such a table is refused with 422
     */
    @Transactional
    TableKeptView keep(long jobId, byte[] file, How how, boolean onlyGood, Person person, Progress progress) {
        Understood read = understanding.of(jobId, file, how, person);
        before.cameBefore(read).filter(unused -> !how.again()).ifPresent(when -> {
            throw Refused.of(HttpStatus.CONFLICT, "table-came-before", when);
        });
        // Where all are kept or none, what is refused is found while they are.
        Understood of = onlyGood || !read.bad().isEmpty() ? understanding.judged(read, progress) : read;
        List<RowRead> bad = of.bad();
        if (of.good().isEmpty() || !bad.isEmpty() && !onlyGood) {
            throw rowsBad(of);
        }
        List<KeepReading> all = of.readings();
        progress.begins(all.size());
        int kept = keepAll(jobId, of, all, progress);
        if (kept > 0) {
            before.came(of, kept, person);
        }
        if (!how.columns().isEmpty()) {
            before.remember(of.columns(), person);
        }
        return new TableKeptView(
                kept,
                all.size() - kept,
                bad.size(),
                bad.isEmpty() ? null : says.rejected(of, bad),
                words.say(
                        bad.isEmpty() ? "table.kept" : "table.kept-good",
                        Map.of("kept", kept, "here", all.size() - kept, "bad", bad.size())));
    }

    private int keepAll(long jobId, Understood of, List<KeepReading> all, Progress progress) {
        try {
            return readings.keepAll(jobId, all, progress::reached);
        } catch (SomeRefused some) {
            throw rowsBad(of.refused(some.refusals()));
        }
    }

    private Refused rowsBad(Understood of) {
        List<RowRead> bad = of.bad();
        RowRead first = bad.get(0);
        return Refused.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "table-rows-bad",
                words.say(
                        "problem.table-rows-bad",
                        Map.of(
                                "count", bad.size(),
                                "line", first.row().number(),
                                "column", first.column() < 0 ? "-" : says.named(of.columns(), first.column()),
                                "why", first.problem())));
    }
}
