package jawread.core.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** All that was ever read on one feature of one part, and what was said of it. Two with the same content are equal. */
public final class FeatureLog {
    public static final FeatureLog NONE =
            new FeatureLog(List.of(), Map.of(), List.of(), List.of(), List.of(), Map.of(), Set.of());

    private final List<Round> rounds;
    /** As they were kept, where they were taken. */
    private final Map<Spot, List<Reading>> taken;

    private final List<ReadingMark> marks;
    private final List<ReadingSwap> swaps;
    private final List<PlaceMark> placeMarks;
    /** As they count, where they count. */
    private final Map<Spot, PlaceLog> counted;

    /** How many readings there are: as many, or it is another log. */
    private final int size;

    private final Set<Long> gauges;

    private FeatureLog(
            List<Round> rounds,
            Map<Spot, List<Reading>> taken,
            List<ReadingMark> marks,
            List<ReadingSwap> swaps,
            List<PlaceMark> placeMarks,
            Map<Spot, PlaceLog> counted,
            Set<Long> gauges) {
        this.rounds = rounds;
        this.taken = taken;
        this.marks = marks;
        this.swaps = swaps;
        this.placeMarks = placeMarks;
        this.counted = counted;
        this.size = taken.values().stream().mapToInt(List::size).sum();
        this.gauges = gauges;
    }

    /**
     * In whatever order they are given: readings stand by their number, marks by when they were made.
     *
     * @param rounds those opened by a cut; "as found" is there once something was read in it
     */
    public static FeatureLog of(
            List<Round> rounds,
            List<Reading> readings,
            List<ReadingMark> marks,
            List<ReadingSwap> swaps,
            List<PlaceMark> placeMarks) {
        List<Reading> ordered =
                readings.stream().sorted(Comparator.comparingLong(Reading::seq)).toList();
        List<ReadingMark> said = inTime(marks, ReadingMark::id);
        List<ReadingSwap> moved = inTime(swaps, ReadingSwap::id);
        List<PlaceMark> ofPlaces = inTime(placeMarks, PlaceMark::id);
        return new FeatureLog(
                opened(rounds, ordered.stream()),
                ordered.stream().collect(Collectors.groupingBy(Spot::of)),
                said,
                moved,
                ofPlaces,
                Counting.of(ordered, said, moved, ofPlaces),
                readWith(Set.of(), ordered));
    }

    private static <T extends Said> List<T> inTime(List<T> said, Function<T, UUID> id) {
        return said.stream()
                .sorted(Comparator.comparing((T each) -> each.madeAt()).thenComparing(id))
                .toList();
    }

    private static List<Round> opened(List<Round> before, Stream<Reading> readings) {
        var all = new ArrayList<>(before);
        readings.mapToInt(Reading::round)
                .filter(number -> all.stream().noneMatch(round -> round.number() == number))
                .distinct()
                .boxed()
                .toList()
                .forEach(number -> all.add(number == 0 ? Round.AS_FOUND : new Round(number, Optional.empty())));
        return all.size() == before.size()
                ? before
                : all.stream().sorted(Comparator.comparingInt(Round::number)).toList();
    }

    /** With readings that came since, of which nothing was said yet; the first of "as found" opens that round. */
    public FeatureLog with(List<Reading> since) {
        if (since.isEmpty()) {
            return this;
        }
        var allTaken = new HashMap<>(taken);
        var allCounted = new HashMap<>(counted);
        since.stream().sorted(Comparator.comparingLong(Reading::seq)).forEach(reading -> {
            Spot spot = Spot.of(reading);
            allTaken.merge(spot, List.of(reading), Counting::both);
            allCounted.put(spot, allCounted.getOrDefault(spot, PlaceLog.NONE).with(reading));
        });
        return new FeatureLog(
                opened(rounds, since.stream()),
                allTaken,
                marks,
                swaps,
                placeMarks,
                allCounted,
                readWith(gauges, since));
    }

    private static Set<Long> readWith(Set<Long> before, List<Reading> readings) {
        var all = new HashSet<>(before);
        readings.forEach(reading -> reading.gauges().forEach(all::add));
        return all.size() == before.size() ? before : Set.copyOf(all);
    }

    /** By number; "as found" once something was read in it. */
    public List<Round> rounds() {
        return rounds;
    }

    /** Every gauge that was read with, or carried to one that was. */
    Set<Long> gauges() {
        return gauges;
    }

    /** The readings that count in the last round, the newest last; quick checks are none of them. */
    public List<Reading> standingNow() {
        int last = rounds.isEmpty() ? 0 : rounds.get(rounds.size() - 1).number();
        return counted.entrySet().stream()
                .filter(each -> each.getKey().round() == last)
                .flatMap(each -> each.getValue().standing().stream())
                .sorted(Comparator.comparingLong(Reading::seq))
                .toList();
    }

    PlaceLog at(int round, PlaceKey place) {
        return counted.getOrDefault(new Spot(round, place), PlaceLog.NONE);
    }

    /** As it was kept, whatever it counts as since. */
    public Reading asKept(Reading counted) {
        return taken.get(Spot.of(counted)).stream()
                .filter(reading -> reading.id().equals(counted.id()))
                .findFirst()
                .orElseThrow();
    }

    public List<ReadingMark> marksOf(Reading reading) {
        return marks.isEmpty()
                ? marks
                : marks.stream()
                        .filter(mark -> mark.reading().equals(reading.id()))
                        .toList();
    }

    /** The strike, when there is one: a struck reading counts nowhere. */
    public Optional<ReadingMark> strikeOf(Reading reading) {
        return marks.isEmpty()
                ? Optional.empty()
                : marksOf(reading).stream()
                        .filter(mark -> mark.kind() == ReadingMark.Kind.STRIKE)
                        .findFirst();
    }

    /** The swaps a reading was part of. */
    public List<ReadingSwap> swapsOf(Reading reading) {
        return swaps.isEmpty()
                ? swaps
                : swaps.stream().filter(swap -> swap.isOf(reading.id())).toList();
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof FeatureLog that
                        && size == that.size
                        && rounds.equals(that.rounds)
                        && taken.equals(that.taken)
                        && marks.equals(that.marks)
                        && swaps.equals(that.swaps)
                        && placeMarks.equals(that.placeMarks);
    }

    @Override
    public int hashCode() {
        return Objects.hash(rounds, taken.size(), marks, swaps, placeMarks);
    }
}
