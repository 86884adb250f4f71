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
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureLog;
import jawread.core.assess.Look;
import jawread.core.assess.PartLog;
import jawread.core.assess.PlaceKey;
import jawread.core.assess.PlaceMark;
import jawread.core.assess.Reading;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.ReadingSwap;
import jawread.core.assess.Round;
import jawread.core.assess.SetTo;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
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

    private final Snapshots snapshots;
    private final RoundRepository rounds;
    private final ReadingRepository readings;
    private final ReadingMarkRepository marks;
    private final ReadingSwapRepository swaps;
    private final PlaceMarkRepository placeMarks;
    private final LookRepository looks;
    private final ComparatorSettings settings;

    Logs(
            Snapshots snapshots,
            RoundRepository rounds,
            ReadingRepository readings,
            ReadingMarkRepository marks,
            ReadingSwapRepository swaps,
            PlaceMarkRepository placeMarks,
            LookRepository looks,
            ComparatorSettings settings) {
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
     */
    private record Known(Set<Long> parts, long last, List<Reading> readings, Map<Long, PartLog> logs) {}

    /** A feature of a part. */
    private record OnPart(long part, UUID feature) {
        static OnPart of(Reading reading) {
            return new OnPart(reading.part(), reading.feature());
        }
    }

    /** Where a place of a feature is found by the number it is kept under. */
    private record Counts(UUID feature, PlaceKey place) {}

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
        return before.filter(of -> of.changed()
                        .equals(Set.of(Subject.readings(revision.job().id()))))
                .map(of -> since(revision, of.value()))
                .orElseGet(() -> anew(revision, before.map(Before::value), parts));
    }

    /** Which readings count under a revision: those taken at the places of the editions of features that it holds. */
    private static Map<Long, Counts> handedIn(PlanRevision revision) {
        var byPlace = new HashMap<Long, Counts>();
        revision.features()
                .forEach(feature -> feature.every()
                        .forEach(place -> byPlace.put(place.id(), new Counts(feature.key(), place.key()))));
        return byPlace;
    }

    private Known since(PlanRevision revision, Known before) {
        List<ReadingRow> rows = readings.findAllSince(revision.job().id(), before.last());
        List<Reading> since = counted(rows, handedIn(revision), before.parts());
        var logs = new HashMap<>(before.logs());
        since.stream()
                .collect(Collectors.groupingBy(Reading::part))
                .forEach((part, read) -> logs.put(part, logs.get(part).with(read)));
        return new Known(
                before.parts(),
                last(rows, before.last()),
                Stream.concat(before.readings().stream(), since.stream()).toList(),
                logs);
    }

    private static long last(List<ReadingRow> rows, long before) {
        return rows.isEmpty() ? before : rows.get(rows.size() - 1).seq();
    }

    private List<Reading> counted(List<ReadingRow> rows, Map<Long, Counts> places, Set<Long> parts) {
        List<ReadingRow> here = rows.stream()
                .filter(row -> parts.contains(row.partId()) && places.containsKey(row.placeId()))
                .toList();
        Map<UUID, SetTo> set = settings(here);
        return here.stream()
                .map(row -> {
                    Counts counts = places.get(row.placeId());
                    return row.reading(
                            counts.feature(), counts.place(), row.settingId().map(set::get));
                })
                .toList();
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
        Map<Long, Counts> places = handedIn(revision);
        List<Long> ids = List.copyOf(parts);
        long lastSeen = before.map(Known::last).orElse(0L);
        List<ReadingRow> rows = readings.findAllSince(revision.job().id(), lastSeen);
        List<Reading> all = Stream.concat(
                        before.stream().flatMap(of -> of.readings().stream()), counted(rows, places, parts).stream())
                .toList();
        Map<UUID, OnPart> on = all.stream().collect(Collectors.toMap(Reading::id, OnPart::of));
        Map<OnPart, List<Reading>> read = all.stream().collect(Collectors.groupingBy(OnPart::of));
        Map<Long, UUID> keys = revision.features().stream().collect(Collectors.toMap(Feature::id, Feature::key));
        Map<OnPart, List<Round>> opened = grouped(
                rounds.findAllByPartIdInOrderByNumber(ids).stream().filter(row -> keys.containsKey(row.featureId())),
                row -> new OnPart(row.partId(), keys.get(row.featureId())),
                MeasuringRoundRow::round);
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
                        .filter(row -> places.containsKey(row.placeId())),
                row -> new OnPart(row.partId(), places.get(row.placeId()).feature()),
                row -> row.mark(places.get(row.placeId()).place()));
        var features = new HashMap<Long, Map<UUID, FeatureLog>>();
        Stream.of(opened, read, said)
                .flatMap(each -> each.keySet().stream())
                .distinct()
                .forEach(each -> features.computeIfAbsent(each.part(), part -> new HashMap<>())
                        .put(
                                each.feature(),
                                FeatureLog.of(
                                        opened.getOrDefault(each, List.of()),
                                        read.getOrDefault(each, List.of()),
                                        marked.getOrDefault(each, List.of()),
                                        swapped.getOrDefault(each, List.of()),
                                        said.getOrDefault(each, List.of()))));
        var seen = new HashMap<Long, Map<UUID, Look>>();
        looks.findAllByPartIdInOrderByMadeAt(ids)
                .forEach(row -> Optional.ofNullable(keys.get(row.featureId()))
                        .ifPresent(key -> seen.computeIfAbsent(row.partId(), part -> new HashMap<>())
                                .put(key, row.look(key))));
        var logs = new HashMap<Long, PartLog>();
        parts.forEach(part ->
                logs.put(part, new PartLog(features.getOrDefault(part, Map.of()), seen.getOrDefault(part, Map.of()))));
        return new Known(parts, last(rows, lastSeen), all, logs);
    }

    private static <R, T> Map<OnPart, List<T>> grouped(Stream<R> rows, Function<R, OnPart> on, Function<R, T> value) {
        return rows.collect(Collectors.groupingBy(on, Collectors.mapping(value, Collectors.toList())));
    }
}
