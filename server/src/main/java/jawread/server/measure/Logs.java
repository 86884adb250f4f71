package jawread.server.measure;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.FeatureLog;
import jawread.core.assess.Look;
import jawread.core.assess.PartLog;
import jawread.core.assess.PlaceMark;
import jawread.core.assess.Reading;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.ReadingSwap;
import jawread.core.length.Length;
import jawread.server.job.Lineage;
import jawread.server.job.Lineage.Seat;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.measure.ReadingsCounted.Counted;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Before;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Finds what was read on the parts of a plan. Nothing of it ever changes, so that what was found once is kept, and only what came since is
 * asked for: after a reading the readings, after anything else that happened to the job all but those.
 */
@Service
public class Logs {
    private static final Kind<Long, Known> LOGS =
            new Kind<>("logs", known -> known.read().readings().size());

    private final PlansInForce plans;
    private final Snapshots snapshots;
    private final RoundLogs rounds;
    private final SizesCarried carried;
    private final ReadingsCounted counted;
    private final ReadingMarkRepository marks;
    private final ReadingSwapRepository swaps;
    private final PlaceMarkRepository placeMarks;
    private final LookRepository looks;

    Logs(
            PlansInForce plans,
            Snapshots snapshots,
            RoundLogs rounds,
            SizesCarried carried,
            ReadingsCounted counted,
            ReadingMarkRepository marks,
            ReadingSwapRepository swaps,
            PlaceMarkRepository placeMarks,
            LookRepository looks) {
        this.plans = plans;
        this.snapshots = snapshots;
        this.rounds = rounds;
        this.carried = carried;
        this.counted = counted;
        this.marks = marks;
        this.swaps = swaps;
        this.placeMarks = placeMarks;
        this.looks = looks;
    }

    /** @param parts that it was looked for on */
    private record Known(Set<Long> parts, Counted read, Map<Long, PartLog> logs) {}

    /** The log of each part by its number, as far as it counts under a revision of the plan. */
    @Transactional(readOnly = true)
    public Map<Long, PartLog> of(PlanRevision revision, List<Part> parts) {
        long job = revision.job().id();
        Set<Long> ids = parts.stream().map(Part::id).collect(Collectors.toSet());
        return snapshots
                .of(
                        LOGS,
                        revision.id(),
                        List.of(Subject.readings(job), Subject.said(job), Subject.plan(job)),
                        before -> find(
                                revision,
                                parts,
                                before.filter(of -> of.value().parts().equals(ids))))
                .logs();
    }

    /** The same as if readings had been moved. @param moves by the reading: where it would belong; of what was never moved it has none */
    @Transactional(readOnly = true)
    public Map<Long, PartLog> asIfMoved(PlanRevision revision, List<Part> parts, Map<UUID, MovedTo> moves) {
        return anew(revision, parts, Optional.empty(), moves).logs();
    }

    private Known find(PlanRevision revision, List<Part> parts, Optional<Before<Known>> before) {
        long job = revision.job().id();
        if (before.isEmpty() || before.get().changed().contains(Subject.plan(job))) {
            return anew(revision, parts, Optional.empty(), Map.of());
        }
        Before<Known> known = before.get();
        return known.changed().equals(Set.of(Subject.readings(job)))
                ? since(revision, known.value())
                : anew(revision, parts, Optional.of(known.value().read()), Map.of());
    }

    private Known since(PlanRevision revision, Known before) {
        Counted now = counted.since(revision, before.parts(), before.read());
        var logs = new HashMap<>(before.logs());
        now.readings().subList(before.read().readings().size(), now.readings().size()).stream()
                .collect(Collectors.groupingBy(Reading::part))
                .forEach((part, read) -> logs.put(part, logs.get(part).with(read)));
        now.aside().entrySet().stream()
                .filter(each -> !before.read().aside().containsKey(each.getKey()))
                .map(Map.Entry::getValue)
                .forEach(on -> logs.put(on.part(), logs.get(on.part()).withAside(on.feature(), 1)));
        return new Known(before.parts(), now, logs);
    }

    private Known anew(
            PlanRevision revision, List<Part> parts, Optional<Counted> before, Map<UUID, MovedTo> asIfMoved) {
        Lineage lineage = plans.lineage(revision);
        List<Long> ids = parts.stream().map(Part::id).toList();
        Map<OnPart, FeatureRounds> opened = rounds.of(ids, lineage);
        Map<OnPart, Length> cameAs = carried.counting(parts, revision);
        Counted read = counted.anew(revision, Set.copyOf(ids), opened, before, asIfMoved);
        Map<UUID, OnPart> on = read.readings().stream().collect(Collectors.toMap(Reading::id, OnPart::of));
        List<Long> taken = Stream.concat(ids.stream(), read.elsewhere().stream())
                .distinct()
                .toList();
        Map<OnPart, List<Reading>> readings = read.readings().stream().collect(Collectors.groupingBy(OnPart::of));
        Map<OnPart, List<ReadingMark>> marked = grouped(
                marks.findAllByReadingPartIdInOrderByMadeAt(taken).stream()
                        .filter(row -> on.containsKey(row.reading().getId())),
                row -> on.get(row.reading().getId()),
                ReadingMarkRow::mark);
        Map<OnPart, List<ReadingSwap>> swapped = grouped(
                swaps.findAllByPartIdInOrderByMadeAt(taken).stream()
                        // One of the two may have been moved since to where the other is not.
                        .filter(row ->
                                on.containsKey(row.one()) && on.get(row.one()).equals(on.get(row.other()))),
                row -> on.get(row.one()),
                ReadingSwapRow::swap);
        Map<OnPart, List<PlaceMark>> said = grouped(
                placeMarks.findAllByPartIdInOrderByMadeAt(ids).stream()
                        .filter(row -> lineage.seat(row.placeId()).isPresent()),
                row -> new OnPart(
                        row.partId(), lineage.seat(row.placeId()).orElseThrow().feature()),
                row -> mark(row, lineage, opened));
        var features = new HashMap<Long, Map<UUID, FeatureLog>>();
        Stream.of(opened, readings, said, cameAs)
                .flatMap(each -> each.keySet().stream())
                .distinct()
                .forEach(each -> features.computeIfAbsent(each.part(), part -> new HashMap<>())
                        .put(
                                each.feature(),
                                FeatureLog.of(
                                        opened.getOrDefault(each, FeatureRounds.NONE)
                                                .rounds(Optional.ofNullable(cameAs.get(each))),
                                        readings.getOrDefault(each, List.of()),
                                        marked.getOrDefault(each, List.of()),
                                        swapped.getOrDefault(each, List.of()),
                                        said.getOrDefault(each, List.of()))));
        Map<Long, Map<UUID, Look>> seen = seen(ids, lineage);
        var aside = new HashMap<Long, Map<UUID, Integer>>();
        read.aside()
                .values()
                .forEach(where -> aside.computeIfAbsent(where.part(), part -> new HashMap<>())
                        .merge(where.feature(), 1, Integer::sum));
        var logs = new HashMap<Long, PartLog>();
        ids.forEach(part -> logs.put(
                part,
                new PartLog(
                        features.getOrDefault(part, Map.of()),
                        seen.getOrDefault(part, Map.of()),
                        aside.getOrDefault(part, Map.of()))));
        return new Known(Set.copyOf(ids), read, logs);
    }

    private Map<Long, Map<UUID, Look>> seen(Collection<Long> parts, Lineage lineage) {
        var seen = new HashMap<Long, Map<UUID, Look>>();
        looks.findAllByPartIdInOrderByMadeAt(List.copyOf(parts))
                .forEach(row -> Optional.ofNullable(lineage.editions().get(row.featureId()))
                        .ifPresent(key -> seen.computeIfAbsent(row.partId(), part -> new HashMap<>())
                                .put(key, row.look(key))));
        return seen;
    }

    private static PlaceMark mark(PlaceMarkRow row, Lineage lineage, Map<OnPart, FeatureRounds> opened) {
        Seat seat = lineage.seat(row.placeId()).orElseThrow();
        FeatureRounds rounds = opened.getOrDefault(new OnPart(row.partId(), seat.feature()), FeatureRounds.NONE);
        return row.mark(seat.place().key(), rounds.order().at(row.madeAt()));
    }

    private static <R, T> Map<OnPart, List<T>> grouped(Stream<R> rows, Function<R, OnPart> on, Function<R, T> value) {
        return rows.collect(Collectors.groupingBy(on, Collectors.mapping(value, Collectors.toList())));
    }
}
