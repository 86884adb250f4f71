package jawread.server.measure;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.measure.FiguresRead.Sized;
import jawread.server.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps readings. */
@Service
public class Readings {
    private final Takings takings;
    private final ReadingRepository readings;
    private final FiguresRead figuresRead;
    private final ReadingWriter writer;
    private final People people;
    private final Journal journal;
    private final JobLocks locks;

    Readings(
            Takings takings,
            ReadingRepository readings,
            FiguresRead figuresRead,
            ReadingWriter writer,
            People people,
            Journal journal,
            JobLocks locks) {
        this.takings = takings;
        this.readings = readings;
        this.figuresRead = figuresRead;
        this.writer = writer;
        this.people = people;
        this.journal = journal;
        this.locks = locks;
    }

    /**
     * Keeps a reading, once. Refuses another one under the same id with 409; a figure or parts that cannot be understood,
     * a sum that differs from the one made here, a time outside the job's, and a gauge that may not measure with 422.
     */
    @Transactional
    public TakenAt keep(KeepReading sent) {
        // Neither the gauges nor the job change from here on until this is kept.
        locks.ofPart(
                sent.part(),
                sent.figures()
                        .map(KeepReading::with)
                        .flatMap(with -> Stream.concat(Stream.of(with.gauge()), with.reader().stream())));
        Taking taking = takings.of(sent);
        if (taking.before().isPresent()) {
            return taking.at(Receipt.before(sent.id(), taking.before().get().seq()));
        }
        Person person = people.byId(sent.person());
        Sized sized = sized(figuresRead.begun(), taking, person);
        long seq = journal.write(taking.part().job().id(), What.READING);
        writer.begun().save(taking, sized, person, seq);
        return taking.at(Receipt.now(sent.id(), seq));
    }

    /**
     * Keeps many of one job at once, those that are kept already left out: all or none. Refuses what {@link #keep} does, but for their
     * time: they were taken before they came.
     *
     * @param reached told how many were looked at so far; what it throws ends it
     * @return how many were kept
     * @throws SomeRefused with all that are refused; none is kept then
     */
    @Transactional
    public int keepAll(long job, List<KeepReading> sent, IntConsumer reached) {
        locks.ofJobWith(
                job,
                sent.stream()
                        .map(KeepReading::with)
                        .flatMap(with -> Stream.concat(Stream.of(with.gauge()), with.reader().stream()))
                        .distinct());
        Map<UUID, ReadingRow> kept = rowsOf(sent);
        var ids = new HashSet<UUID>();
        var twice = new HashSet<UUID>();
        sent.forEach(each -> {
            if (!ids.add(each.id())) {
                twice.add(each.id());
            }
        });
        int wanted = ids.size() - kept.size();
        var writing = writer.begunForMany();
        var some = takings.begun(sent, writing::writeOut);
        long seq = wanted == 0 ? 0 : journal.write(job, What.READING, wanted) - wanted;
        var figures = figuresRead.begun();
        var named = new HashMap<Long, Person>();
        var refusals = new HashMap<UUID, Refused>();
        for (int at = 0; at < sent.size(); at++) {
            KeepReading each = sent.get(at);
            try {
                // Another one under a known id is refused, also where the first is of the same table.
                Taking taking = some.of(each, Optional.ofNullable(kept.get(each.id())));
                if (taking.before().isEmpty()) {
                    Person person = named.computeIfAbsent(each.person(), people::byId);
                    ReadingRow row = writing.save(taking, sized(figures, taking, person), person, ++seq);
                    if (twice.contains(each.id())) {
                        kept.put(each.id(), row);
                    }
                }
            } catch (Refused refused) {
                refusals.put(each.id(), refused);
            }
            reached.accept(at + 1);
        }
        if (!refusals.isEmpty()) {
            throw new SomeRefused(refusals);
        }
        writing.writeOut();
        return wanted;
    }

    /** Why nothing of many was kept. */
    public static final class SomeRefused extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Map<UUID, Refused> refusals;

        private SomeRefused(Map<UUID, Refused> refusals) {
            super(refusals.size() + " readings are refused");
            this.refusals = Map.copyOf(refusals);
        }

        /** By the ids of the readings. */
        public Map<UUID, Refused> refusals() {
            return refusals;
        }
    }

    /** Those of them that are kept already, by their ids. */
    @Transactional(readOnly = true)
    public Set<UUID> kept(List<KeepReading> sent) {
        return Set.copyOf(rowsOf(sent).keySet());
    }

    private Map<UUID, ReadingRow> rowsOf(List<KeepReading> sent) {
        var rows = new HashMap<UUID, ReadingRow>();
        InPieces.of(sent.stream().map(KeepReading::id).toList())
                .flatMap(some -> readings.findAllByIdIn(some).stream())
                .forEach(row -> rows.put(row.getId(), row));
        return rows;
    }

    /**
     * Why they would not be kept, by their ids; those that would be, or are, are left out. Nothing is kept, and nobody waits.
     *
     * @param reached as in {@link #keepAll}
     */
    @Transactional(readOnly = true)
    public Map<UUID, Refused> refusals(List<KeepReading> sent, IntConsumer reached) {
        Map<UUID, ReadingRow> kept = rowsOf(sent);
        var writing = writer.begunForMany();
        var some = takings.begun(sent, () -> {});
        var figures = figuresRead.begun();
        var named = new HashMap<Long, Person>();
        var refusals = new HashMap<UUID, Refused>();
        for (int at = 0; at < sent.size(); at++) {
            KeepReading each = sent.get(at);
            try {
                Taking taking = some.of(each, Optional.ofNullable(kept.get(each.id())));
                if (taking.before().isEmpty()) {
                    sized(figures, taking, named.computeIfAbsent(each.person(), people::byId));
                    writing.refuseWithoutRound(taking);
                }
            } catch (Refused refused) {
                refusals.put(each.id(), refused);
            }
            reached.accept(at + 1);
        }
        return refusals;
    }

    private static Sized sized(FiguresRead.Begun figures, Taking taking, Person person) {
        return figures.of(taking.asked(), taking.by(), taking.feature(), taking.part(), person);
    }

    /** How many readings were taken at a place of a part, struck ones too. */
    public record At(long part, long place, int readings) {}

    /** Of a job, as they were kept. */
    @Transactional(readOnly = true)
    public List<At> countedByPlace(long job) {
        return readings.findCountByPlace(job);
    }

    /** Where a reading was taken. */
    public record Where(long job, long part, long feature) {}

    /** Empty when there is no reading by this id. */
    @Transactional(readOnly = true)
    public Optional<Where> whereIs(UUID id) {
        return readings.findById(id)
                .map(reading -> new Where(
                        reading.jobId(), reading.partId(), reading.round().featureId()));
    }
}
