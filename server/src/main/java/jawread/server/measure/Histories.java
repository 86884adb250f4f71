package jawread.server.measure;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.journal.What;
import jawread.server.live.Happened;
import jawread.server.measure.History.OnPart;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Finds what was read. Nothing of it ever changes, so that what was found once is kept, and only what came since is asked for: after
 * a reading the readings, after anything else that befell the job all but those.
 */
@Service
public class Histories {
    private static final Set<What> READ = EnumSet.of(What.READING);
    private static final Set<What> OTHERS = EnumSet.complementOf(EnumSet.of(What.READING));

    private final RoundRepository rounds;
    private final ReadingRepository readings;
    private final ReadingMarkRepository marks;
    private final ReadingSwapRepository swaps;
    private final PlaceMarkRepository placeMarks;
    private final LookRepository looks;
    /** By plan. */
    private final Map<Long, Known> known = new ConcurrentHashMap<>();

    private final Happened happened;

    public Histories(
            RoundRepository rounds,
            ReadingRepository readings,
            ReadingMarkRepository marks,
            ReadingSwapRepository swaps,
            PlaceMarkRepository placeMarks,
            LookRepository looks,
            Happened happened) {
        this.rounds = rounds;
        this.readings = readings;
        this.marks = marks;
        this.swaps = swaps;
        this.placeMarks = placeMarks;
        this.looks = looks;
        this.happened = happened;
    }

    /** What had befallen a job. */
    private record Told(long readings, long others) {}

    /** @param told what had befallen the job before this was found */
    private record Known(Set<Long> parts, Told told, List<Reading> readings, History history) {
        long last() {
            return readings.isEmpty() ? 0 : readings.get(readings.size() - 1).seq();
        }
    }

    @Transactional(readOnly = true)
    public History of(Plan plan, List<Part> parts) {
        Told now = told(plan.job().id());
        Set<Long> ids = parts.stream().map(Part::id).collect(Collectors.toCollection(HashSet::new));
        Known before = known.get(plan.id());
        if (before != null && before.told().equals(now) && before.parts().equals(ids)) {
            return before.history();
        }
        Known found = before != null
                        && before.told().others() == now.others()
                        && before.parts().equals(ids)
                ? since(plan, before, now)
                : anew(plan, before, ids, now);
        known.put(plan.id(), found);
        return found.history();
    }

    private Told told(long job) {
        return new Told(happened.times(job, READ), happened.times(job, OTHERS));
    }

    private Known since(Plan plan, Known before, Told now) {
        List<Reading> since = since(plan, before.last());
        return new Known(
                before.parts(),
                now,
                Stream.concat(before.readings().stream(), since.stream()).toList(),
                before.history().with(since.stream().collect(Collectors.groupingBy(Histories::on))));
    }

    private List<Reading> since(Plan plan, long seq) {
        return readings.findAllSince(plan.job().id(), plan.id(), seq);
    }

    private Known anew(Plan plan, Known before, Set<Long> parts, Told now) {
        List<Long> ids = List.copyOf(parts);
        List<Reading> all = before == null
                ? since(plan, 0)
                : Stream.concat(before.readings().stream(), since(plan, before.last()).stream())
                        .toList();
        Map<UUID, OnPart> on = all.stream().collect(Collectors.toMap(Reading::getId, Histories::on));
        Map<OnPart, List<Reading>> read =
                all.stream().collect(Collectors.groupingBy(reading -> on.get(reading.getId())));
        Map<OnPart, List<MeasuringRound>> opened = grouped(
                rounds.findAllByPartIdInOrderByNumber(ids),
                round -> new OnPart(round.part().id(), round.feature().id()));
        Map<OnPart, List<ReadingMark>> marked = grouped(
                marks.findAllByReadingPartIdInOrderByMadeAt(ids),
                mark -> on.get(mark.reading().getId()));
        Map<OnPart, List<ReadingSwap>> swapped =
                grouped(swaps.findAllByPartIdInOrderByMadeAt(ids), swap -> on.get(swap.one()));
        Map<OnPart, List<PlaceMark>> said = grouped(
                placeMarks.findAllByPartIdInOrderByMadeAt(ids),
                mark -> new OnPart(mark.part().id(), mark.place().featureId()));
        var evidence = new HashMap<OnPart, Evidence>();
        Stream.of(opened, read, said)
                .flatMap(each -> each.keySet().stream())
                .distinct()
                .forEach(each -> evidence.put(
                        each,
                        new Evidence(
                                opened.getOrDefault(each, List.of()),
                                read.getOrDefault(each, List.of()),
                                marked.getOrDefault(each, List.of()),
                                swapped.getOrDefault(each, List.of()),
                                said.getOrDefault(each, List.of()))));
        return new Known(parts, now, all, new History(evidence, looks.findAllByPartIdInOrderByMadeAt(ids)));
    }

    private static <T> Map<OnPart, List<T>> grouped(List<T> all, Function<T, OnPart> on) {
        return all.stream().collect(Collectors.groupingBy(on));
    }

    /** The editions of one feature are features of their own: what was read against one stays with it. */
    private static OnPart on(Reading reading) {
        return new OnPart(reading.partId(), reading.place().featureId());
    }
}
