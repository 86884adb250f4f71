package jawread.server.measure;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.MadeOf;
import jawread.core.assess.Reading;
import jawread.core.assess.Reading.Moved;
import jawread.core.assess.SetTo;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.job.Lineage;
import jawread.server.job.Lineage.Seat;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import org.springframework.stereotype.Component;

/** Finds the readings that count on the parts of a plan, each where it belongs and in the round it counts in, and those that lie aside. */
@Component
class ReadingsCounted {
    private final PlansInForce plans;
    private final ReadingRepository readings;
    private final ReadingMoveRepository moves;
    private final ComparatorSettings settings;
    private final ReadingFigureRepository figures;

    ReadingsCounted(
            PlansInForce plans,
            ReadingRepository readings,
            ReadingMoveRepository moves,
            ComparatorSettings settings,
            ReadingFigureRepository figures) {
        this.plans = plans;
        this.readings = readings;
        this.moves = moves;
        this.settings = settings;
        this.figures = figures;
    }

    /**
     * What was found.
     *
     * @param last number of the last reading of the job that was looked at
     * @param readings as they count; those that were moved stand last
     * @param moved by the reading: that it was moved, or moved back
     * @param aside by the reading: of which feature of which part it is one
     * @param rounds by what each is kept under, which round it is by now
     * @param off rounds of which nothing counts
     * @param elsewhere parts that any of these was taken on
     */
    record Counted(
            long last,
            List<Reading> readings,
            Set<UUID> moved,
            Map<UUID, OnPart> aside,
            Map<UUID, Integer> rounds,
            Set<UUID> off,
            Set<Long> elsewhere) {
        /** Whether rounds count as they did: a cut may have been taken back. */
        private boolean isRoundedAs(Map<UUID, Integer> now, Set<UUID> offNow) {
            return off.equals(offNow)
                    && rounds.entrySet().stream()
                            .allMatch(each -> each.getValue().equals(now.get(each.getKey())));
        }
    }

    /** With what was read since: nothing was said of it yet. */
    Counted since(PlanRevision revision, Set<Long> parts, Counted before) {
        List<ReadingRow> rows = readings.findAllSince(revision.job().id(), before.last());
        var where = new Where(plans.lineage(revision), parts, Map.of(), before.rounds(), before.off(), Map.of());
        var aside = new HashMap<>(before.aside());
        aside.putAll(aside(rows, where));
        return new Counted(
                last(rows, before.last()),
                Stream.concat(before.readings().stream(), counted(rows, where).stream())
                        .toList(),
                before.moved(),
                aside,
                before.rounds(),
                before.off(),
                before.elsewhere());
    }

    /**
     * All of them.
     *
     * @param before what was found earlier: of that only what was moved since is looked for again
     * @param asIfMoved what is held to be moved besides
     */
    Counted anew(
            PlanRevision revision,
            Set<Long> parts,
            Map<OnPart, FeatureRounds> opened,
            Optional<Counted> before,
            Map<UUID, MovedTo> asIfMoved) {
        Lineage lineage = plans.lineage(revision);
        Map<UUID, Integer> numbers = new HashMap<>();
        Set<UUID> off = new HashSet<>();
        opened.values().forEach(rounds -> {
            numbers.putAll(rounds.order().numbers());
            off.addAll(rounds.aside());
        });
        var where = new Where(
                lineage, parts, opened, numbers, off, moves(revision.job().id(), asIfMoved));
        Set<UUID> moved = where.moves().keySet();
        Optional<Counted> known = before.filter(of -> of.isRoundedAs(numbers, off) && moved.containsAll(of.moved()));
        long lastSeen = known.map(Counted::last).orElse(0L);
        List<ReadingRow> rows = readings.findAllSince(revision.job().id(), lastSeen);
        List<ReadingRow> unmoved =
                rows.stream().filter(row -> !moved.contains(row.getId())).toList();
        List<ReadingRow> others = moved.isEmpty() ? List.of() : readings.findAllByIds(moved);
        var aside = new HashMap<UUID, OnPart>();
        known.ifPresent(of -> of.aside().forEach((reading, on) -> {
            if (!moved.contains(reading)) {
                aside.put(reading, on);
            }
        }));
        aside.putAll(aside(unmoved, where));
        aside.putAll(aside(others, where));
        return new Counted(
                last(rows, lastSeen),
                Stream.of(
                                known.stream()
                                        .flatMap(of -> of.readings().stream())
                                        .filter(reading -> !moved.contains(reading.id())),
                                counted(unmoved, where).stream(),
                                counted(others, where).stream())
                        .flatMap(each -> each)
                        .toList(),
                moved,
                aside,
                numbers,
                off,
                others.stream().map(ReadingRow::partId).collect(Collectors.toSet()));
    }

    private Map<UUID, Going> moves(long job, Map<UUID, MovedTo> asIfMoved) {
        var last = new HashMap<UUID, Going>();
        moves.findAllByJobIdOrderByMadeAt(job)
                .forEach(row -> last.put(row.readingId(), new Going(row.to(), Optional.of(row))));
        asIfMoved.forEach((reading, to) -> last.put(reading, new Going(to, Optional.empty())));
        return last;
    }

    /** @param row empty where it is only held to be moved */
    private record Going(MovedTo to, Optional<ReadingMoveRow> row) {}

    /** Where readings count. */
    private record Where(
            Lineage lineage,
            Set<Long> parts,
            Map<OnPart, FeatureRounds> opened,
            Map<UUID, Integer> rounds,
            Set<UUID> off,
            Map<UUID, Going> moves) {
        long part(ReadingRow row) {
            return moves.containsKey(row.getId()) ? moves.get(row.getId()).to().part() : row.partId();
        }

        long place(ReadingRow row) {
            return moves.containsKey(row.getId()) ? moves.get(row.getId()).to().place() : row.placeId();
        }

        /** Where it would count, were its round not set aside; empty where its place is no more, and on parts that are not asked for. */
        Optional<Seat> seat(ReadingRow row) {
            return Optional.of(place(row))
                    .filter(place -> parts.contains(part(row)))
                    .flatMap(lineage::seat);
        }

        private boolean isWhereTaken(ReadingRow row, Seat seat) {
            return part(row) == row.partId()
                    && lineage.seat(row.placeId())
                            .filter(taken -> taken.feature().equals(seat.feature()))
                            .isPresent();
        }

        boolean isOff(ReadingRow row, Seat seat) {
            return isWhereTaken(row, seat) && off.contains(row.round().getId());
        }

        /** One in a round that nobody knew of opened "as found"; one that comes from elsewhere stands in the round of its time. */
        int round(ReadingRow row, Seat seat) {
            return isWhereTaken(row, seat)
                    ? rounds.getOrDefault(row.round().getId(), 0)
                    : opened.getOrDefault(new OnPart(part(row), seat.feature()), FeatureRounds.NONE)
                            .order()
                            .at(row.keptAt());
        }

        Optional<Moved> moved(ReadingRow row) {
            boolean isElsewhere = part(row) != row.partId() || place(row) != row.placeId();
            return Optional.ofNullable(moves.get(row.getId()))
                    .filter(going -> isElsewhere)
                    .flatMap(Going::row)
                    .map(of -> of.moved(row));
        }
    }

    private List<Reading> counted(List<ReadingRow> rows, Where where) {
        List<ReadingRow> here = rows.stream()
                .filter(row ->
                        where.seat(row).filter(seat -> !where.isOff(row, seat)).isPresent())
                .toList();
        Map<UUID, List<ReadingFigureRow>> made = figures(here);
        Map<UUID, SetTo> set = settings(here, made.values());
        return here.stream()
                .map(row -> {
                    Seat seat = where.seat(row).orElseThrow();
                    return row.reading(
                            new ReadingRow.At(
                                    where.part(row),
                                    seat.feature(),
                                    seat.place().key(),
                                    where.round(row, seat)),
                            where.lineage().under(seat, row.planRevisionId()),
                            row.settingId().map(set::get),
                            where.moved(row),
                            row.madeFrom()
                                    .map(way -> new MadeOf(
                                            way,
                                            made.get(row.getId()).stream()
                                                    .map(figure -> figure.piece(
                                                            figure.settingId().map(set::get), row))
                                                    .toList())));
                })
                .toList();
    }

    /** Readings that count nowhere under the revision: their place is no more, or the round was set aside. */
    private static Map<UUID, OnPart> aside(List<ReadingRow> rows, Where where) {
        Map<Long, UUID> features = where.lineage().features();
        return rows.stream()
                .filter(row -> where.parts().contains(where.part(row)) && features.containsKey(where.place(row)))
                .filter(row ->
                        where.seat(row).map(seat -> where.isOff(row, seat)).orElse(true))
                .collect(Collectors.toMap(
                        ReadingRow::getId, row -> new OnPart(where.part(row), features.get(where.place(row)))));
    }

    /** Of those that are made of several; most shops have none. */
    private Map<UUID, List<ReadingFigureRow>> figures(List<ReadingRow> rows) {
        List<UUID> made = rows.stream()
                .filter(row -> row.madeFrom().isPresent())
                .map(ReadingRow::getId)
                .toList();
        return made.isEmpty()
                ? Map.of()
                : figures.findAllByReadingIdInOrderByNumber(made).stream()
                        .collect(Collectors.groupingBy(ReadingFigureRow::readingId));
    }

    private Map<UUID, SetTo> settings(Collection<ReadingRow> rows, Collection<List<ReadingFigureRow>> made) {
        Set<UUID> ids = Stream.concat(
                        rows.stream().flatMap(row -> row.settingId().stream()),
                        made.stream().flatMap(List::stream).flatMap(figure -> figure.settingId().stream()))
                .collect(Collectors.toSet());
        return ids.isEmpty()
                ? Map.of()
                : settings.byIds(ids).stream()
                        .collect(Collectors.toMap(ComparatorSetting::id, ComparatorSetting::setTo));
    }

    private static long last(List<ReadingRow> rows, long before) {
        return rows.isEmpty() ? before : rows.get(rows.size() - 1).seq();
    }
}
