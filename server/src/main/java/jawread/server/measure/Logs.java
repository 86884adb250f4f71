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
import jawread.core.assess.Round;
import jawread.core.assess.RoundOrder;
import jawread.core.assess.SetTo;
import jawread.core.length.Length;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.job.Lineage;
import jawread.server.job.Lineage.Seat;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
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
            new Kind<>("logs", known -> known.readings().size());

    private final SizeSaidRepository sizes;
    private final PlansInForce plans;
    private final Snapshots snapshots;
    private final RoundRepository rounds;
    private final ReadingRepository readings;
    private final ReadingMarkRepository marks;
    private final ReadingSwapRepository swaps;
    private final PlaceMarkRepository placeMarks;
    private final LookRepository looks;
    private final ComparatorSettings settings;

    Logs(
            SizeSaidRepository sizes,
            PlansInForce plans,
            Snapshots snapshots,
            RoundRepository rounds,
            ReadingRepository readings,
            ReadingMarkRepository marks,
            ReadingSwapRepository swaps,
            PlaceMarkRepository placeMarks,
            LookRepository looks,
            ComparatorSettings settings) {
        this.sizes = sizes;
        this.plans = plans;
        this.snapshots = snapshots;
        this.rounds = rounds;
        this.readings = readings;
        this.marks = marks;
        this.swaps = swaps;
        this.placeMarks = placeMarks;
        this.looks = looks;
        this.settings = settings;
    }

    /**
     * @param parts that it was looked for on
     * @param last number of the last reading of the job that was looked at
     * @param aside how many of each feature of each part lie aside
     * @param rounds by what each is kept under, which round it is by now
     */
    private record Known(
            Set<Long> parts,
            long last,
            List<Reading> readings,
            Map<OnPart, Integer> aside,
            Map<UUID, Integer> rounds,
            Map<Long, PartLog> logs) {}

    /** A feature of a part. */
    private record OnPart(long part, UUID feature) {
        static OnPart of(Reading reading) {
            return new OnPart(reading.part(), reading.feature());
        }
    }

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
                                ids,
                                before.filter(of -> of.value().parts().equals(ids))))
                .logs();
    }

    private Known find(PlanRevision revision, Set<Long> parts, Optional<Before<Known>> before) {
        long job = revision.job().id();
        if (before.isEmpty() || before.get().changed().contains(Subject.plan(job))) {
            return anew(revision, Optional.empty(), parts);
        }
        Before<Known> known = before.get();
        return known.changed().equals(Set.of(Subject.readings(job)))
                ? since(revision, known.value())
                : anew(revision, Optional.of(known.value()), parts);
    }

    private Known since(PlanRevision revision, Known before) {
        List<ReadingRow> rows = readings.findAllSince(revision.job().id(), before.last());
        Lineage lineage = plans.lineage(revision);
        List<Reading> since = counted(rows, lineage, before.rounds(), before.parts());
        Map<OnPart, Integer> more = aside(rows, lineage, before.parts());
        var logs = new HashMap<>(before.logs());
        since.stream()
                .collect(Collectors.groupingBy(Reading::part))
                .forEach((part, read) -> logs.put(part, logs.get(part).with(read)));
        more.forEach((on, count) -> logs.put(on.part(), logs.get(on.part()).withAside(on.feature(), count)));
        return new Known(
                before.parts(),
                last(rows, before.last()),
                Stream.concat(before.readings().stream(), since.stream()).toList(),
                sum(before.aside(), more),
                before.rounds(),
                logs);
    }

    private static long last(List<ReadingRow> rows, long before) {
        return rows.isEmpty() ? before : rows.get(rows.size() - 1).seq();
    }

    /** One in a round that nobody knew of opened "as found". */
    private List<Reading> counted(List<ReadingRow> rows, Lineage lineage, Map<UUID, Integer> rounds, Set<Long> parts) {
        List<ReadingRow> here = rows.stream()
                .filter(row -> parts.contains(row.partId())
                        && lineage.seat(row.placeId()).isPresent())
                .toList();
        Map<UUID, SetTo> set = settings(here);
        return here.stream()
                .map(row -> {
                    Seat seat = lineage.seat(row.placeId()).orElseThrow();
                    return row.reading(
                            seat.feature(),
                            seat.place().key(),
                            rounds.getOrDefault(row.round().getId(), 0),
                            lineage.under(seat, row.planRevisionId()),
                            row.settingId().map(set::get));
                })
                .toList();
    }

    /** Readings that count nowhere under the revision. */
    private static Map<OnPart, Integer> aside(List<ReadingRow> rows, Lineage lineage, Set<Long> parts) {
        return rows.stream()
                .filter(row -> parts.contains(row.partId())
                        && lineage.features().containsKey(row.placeId())
                        && lineage.seat(row.placeId()).isEmpty())
                .collect(Collectors.groupingBy(
                        row -> new OnPart(row.partId(), lineage.features().get(row.placeId())),
                        Collectors.summingInt(row -> 1)));
    }

    private Map<UUID, SetTo> settings(Collection<ReadingRow> rows) {
        Set<UUID> ids = rows.stream().flatMap(row -> row.settingId().stream()).collect(Collectors.toSet());
        return ids.isEmpty()
                ? Map.of()
                : settings.byIds(ids).stream()
                        .collect(Collectors.toMap(
                                ComparatorSetting::id,
                                each -> new SetTo(
                                        each.id(), each.size(), each.expanded(), each.material(), each.temperature())));
    }

    private Known anew(PlanRevision revision, Optional<Known> before, Set<Long> parts) {
        Lineage lineage = plans.lineage(revision);
        List<Long> ids = List.copyOf(parts);
        long lastSeen = before.map(Known::last).orElse(0L);
        List<ReadingRow> rows = readings.findAllSince(revision.job().id(), lastSeen);
        Map<OnPart, RoundOrder> opened = opened(ids, lineage);
        Map<UUID, Integer> numbers = new HashMap<>();
        opened.values().forEach(order -> numbers.putAll(order.numbers()));
        List<Reading> all = Stream.concat(
                        before.stream().flatMap(of -> of.readings().stream()),
                        counted(rows, lineage, numbers, parts).stream())
                .toList();
        Map<UUID, OnPart> on = all.stream().collect(Collectors.toMap(Reading::id, OnPart::of));
        Map<OnPart, List<Reading>> read = all.stream().collect(Collectors.groupingBy(OnPart::of));
        Map<OnPart, List<ReadingMark>> marked = grouped(
                marks.findAllByReadingPartIdInOrderByMadeAt(ids).stream()
                        .filter(row -> on.containsKey(row.reading().getId())),
                row -> on.get(row.reading().getId()),
                ReadingMarkRow::mark);
        Map<OnPart, List<ReadingSwap>> swapped = grouped(
                swaps.findAllByPartIdInOrderByMadeAt(ids).stream().filter(row -> on.containsKey(row.one())),
                row -> on.get(row.one()),
                ReadingSwapRow::swap);
        Map<OnPart, List<PlaceMark>> said = grouped(
                placeMarks.findAllByPartIdInOrderByMadeAt(ids).stream()
                        .filter(row -> lineage.seat(row.placeId()).isPresent()),
                row -> new OnPart(
                        row.partId(), lineage.seat(row.placeId()).orElseThrow().feature()),
                row -> mark(row, lineage, opened));
        Map<OnPart, List<SizeSaidRow>> sized = grouped(
                sizes.findAllByPartIdInOrderByMadeAt(ids).stream()
                        .filter(row -> lineage.editions().containsKey(row.featureId())),
                row -> new OnPart(row.partId(), lineage.editions().get(row.featureId())),
                Function.identity());
        var features = new HashMap<Long, Map<UUID, FeatureLog>>();
        Stream.of(opened, read, said, sized)
                .flatMap(each -> each.keySet().stream())
                .distinct()
                .forEach(each -> features.computeIfAbsent(each.part(), part -> new HashMap<>())
                        .put(
                                each.feature(),
                                FeatureLog.of(
                                        rounds(opened.get(each), sized.getOrDefault(each, List.of())),
                                        read.getOrDefault(each, List.of()),
                                        marked.getOrDefault(each, List.of()),
                                        swapped.getOrDefault(each, List.of()),
                                        said.getOrDefault(each, List.of()))));
        var seen = new HashMap<Long, Map<UUID, Look>>();
        looks.findAllByPartIdInOrderByMadeAt(ids)
                .forEach(row -> Optional.ofNullable(lineage.editions().get(row.featureId()))
                        .ifPresent(key -> seen.computeIfAbsent(row.partId(), part -> new HashMap<>())
                                .put(key, row.look(key))));
        var logs = new HashMap<Long, PartLog>();
        var leftAside = new HashMap<Long, Map<UUID, Integer>>();
        Map<OnPart, Integer> aside = sum(before.map(Known::aside).orElse(Map.of()), aside(rows, lineage, parts));
        aside.forEach((where, count) ->
                leftAside.computeIfAbsent(where.part(), part -> new HashMap<>()).put(where.feature(), count));
        parts.forEach(part -> logs.put(
                part,
                new PartLog(
                        features.getOrDefault(part, Map.of()),
                        seen.getOrDefault(part, Map.of()),
                        leftAside.getOrDefault(part, Map.of()))));
        return new Known(parts, last(rows, lastSeen), all, aside, numbers, logs);
    }

    private static Map<OnPart, Integer> sum(Map<OnPart, Integer> one, Map<OnPart, Integer> other) {
        var both = new HashMap<>(one);
        other.forEach((on, count) -> both.merge(on, count, Integer::sum));
        return both;
    }

    /** The rounds of each feature of each part, in the order in which they were opened under whatever editions. */
    private Map<OnPart, RoundOrder> opened(List<Long> parts, Lineage lineage) {
        var orders = new HashMap<OnPart, RoundOrder>();
        grouped(
                        rounds.findAllByPartIdIn(parts).stream()
                                .filter(row -> lineage.editions().containsKey(row.featureId())),
                        row -> new OnPart(row.partId(), lineage.editions().get(row.featureId())),
                        MeasuringRoundRow::opened)
                .forEach((on, all) -> orders.put(on, RoundOrder.of(all)));
        return orders;
    }

    /** With the size that the part is said to be from each on; what was said last of a round stands. */
    private static List<Round> rounds(RoundOrder order, List<SizeSaidRow> said) {
        List<Round> rounds = order == null ? List.of() : order.rounds();
        var to = new HashMap<Integer, Optional<Length>>();
        said.forEach(row ->
                to.put(row.roundId().map(id -> order.numbers().get(id)).orElse(0), row.to()));
        if (to.containsKey(0) && rounds.stream().noneMatch(round -> round.number() == 0)) {
            rounds = Stream.concat(Stream.of(Round.AS_FOUND), rounds.stream()).toList();
        }
        return rounds.stream()
                .map(round -> round.at(to.getOrDefault(round.number(), Optional.empty())))
                .toList();
    }

    private static PlaceMark mark(PlaceMarkRow row, Lineage lineage, Map<OnPart, RoundOrder> opened) {
        Seat seat = lineage.seat(row.placeId()).orElseThrow();
        RoundOrder order = opened.get(new OnPart(row.partId(), seat.feature()));
        return row.mark(seat.place().key(), order == null ? 0 : order.at(row.madeAt()));
    }

    private static <R, T> Map<OnPart, List<T>> grouped(Stream<R> rows, Function<R, OnPart> on, Function<R, T> value) {
        return rows.collect(Collectors.groupingBy(on, Collectors.mapping(value, Collectors.toList())));
    }
}
