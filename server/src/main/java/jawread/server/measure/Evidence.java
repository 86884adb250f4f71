package jawread.server.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** All that was ever read on one feature of one part, in the order it was kept, and what was said of it. */
public final class Evidence {
    static final Evidence NONE = new Evidence(List.of(), List.of(), List.of(), List.of(), List.of());

    private final List<MeasuringRound> rounds;
    private final List<Reading> readings;
    private final List<ReadingMark> marks;
    private final List<ReadingSwap> swaps;
    private final List<PlaceMark> placeMarks;
    private final Map<Spot, List<Reading>> bySpot;
    private final Map<Spot, List<Reading>> quickBySpot;
    private final Map<UUID, List<ReadingMark>> byReading;

    /** A place in a round. */
    private record Spot(UUID round, long place) {}

    /**
     * @param rounds by number; "as found" is there once something was read in it
     * @param marks of a reading, swaps and marks of a place in the order they were made
     */
    Evidence(
            List<MeasuringRound> rounds,
            List<Reading> readings,
            List<ReadingMark> marks,
            List<ReadingSwap> swaps,
            List<PlaceMark> placeMarks) {
        this.rounds = rounds;
        this.readings = readings;
        this.marks = marks;
        this.swaps = swaps;
        this.placeMarks = placeMarks;
        this.byReading = marks.stream()
                .collect(Collectors.groupingBy(mark -> mark.reading().getId()));
        Map<UUID, Long> places = swapped(readings, swaps);
        Map<Boolean, Map<Spot, List<Reading>>> spots = readings.stream()
                .map(this::counted)
                .collect(Collectors.partitioningBy(
                        Reading::isQuick,
                        Collectors.groupingBy(
                                reading -> new Spot(reading.round().getId(), places.get(reading.getId())))));
        this.bySpot = spots.get(false);
        this.quickBySpot = spots.get(true);
    }

    /** Where each reading counts: where it was taken, unless it was put right since. */
    private static Map<UUID, Long> swapped(List<Reading> readings, List<ReadingSwap> swaps) {
        var places = new HashMap<UUID, Long>();
        readings.forEach(reading -> places.put(reading.getId(), reading.place().id()));
        swaps.forEach(swap -> {
            Long one = places.get(swap.one());
            places.put(swap.one(), places.get(swap.other()));
            places.put(swap.other(), one);
        });
        return places;
    }

    /** As a person said it should have been; as it is where nobody did. */
    private Reading counted(Reading reading) {
        return marksOf(reading).stream()
                .flatMap(mark -> mark.answer().shouldBe().stream())
                .reduce((before, last) -> last)
                .map(reading::corrected)
                .orElse(reading);
    }

    /** With readings that came since; the first of a round brings it. */
    Evidence with(List<Reading> since) {
        var all = new ArrayList<>(rounds);
        since.stream()
                .map(Reading::round)
                .filter(round -> all.stream().noneMatch(known -> known.getId().equals(round.getId())))
                .distinct()
                .forEach(all::add);
        all.sort(Comparator.comparing(MeasuringRound::number));
        return new Evidence(
                List.copyOf(all),
                Stream.concat(readings.stream(), since.stream()).toList(),
                marks,
                swaps,
                placeMarks);
    }

    /** Whether there is as much of it. Nothing is ever taken away or changed, so that as much is the same. */
    public boolean isAsMuchAs(Evidence before) {
        return rounds.size() == before.rounds.size()
                && readings.size() == before.readings.size()
                && isOnlyReadSince(before);
    }

    /** Whether nothing but readings came since. */
    public boolean isOnlyReadSince(Evidence before) {
        return marks.size() == before.marks.size()
                && swaps.size() == before.swaps.size()
                && placeMarks.size() == before.placeMarks.size();
    }

    public List<MeasuringRound> rounds() {
        return rounds;
    }

    /** What counts at a place in a round, struck ones among them. */
    public List<Reading> at(MeasuringRound round, long place) {
        return bySpot.getOrDefault(new Spot(round.getId(), place), List.of());
    }

    /** As it was kept, whatever it counts as since. */
    public Reading asKept(Reading counted) {
        return readings.stream()
                .filter(reading -> reading.getId().equals(counted.getId()))
                .findFirst()
                .orElseThrow();
    }

    /** Quick checks of a place in a round, with other gauges, struck ones among them. */
    public List<Reading> quickAt(MeasuringRound round, long place) {
        return quickBySpot.getOrDefault(new Spot(round.getId(), place), List.of());
    }

    public List<ReadingMark> marksOf(Reading reading) {
        return byReading.getOrDefault(reading.getId(), List.of());
    }

    /** The strike, when there is one: a struck reading counts nowhere. */
    public Optional<ReadingMark> strikeOf(Reading reading) {
        return marksOf(reading).stream()
                .filter(mark -> mark.kind() == ReadingMark.Kind.STRIKE)
                .findFirst();
    }

    /** Those not struck. */
    public List<Reading> standing(List<Reading> readings) {
        return readings.stream().filter(reading -> strikeOf(reading).isEmpty()).toList();
    }

    /** The swaps a reading was part of. */
    public List<ReadingSwap> swapsOf(Reading reading) {
        if (swaps.isEmpty()) {
            return swaps;
        }
        return swaps.stream()
                .filter(swap ->
                        swap.one().equals(reading.getId()) || swap.other().equals(reading.getId()))
                .toList();
    }

    public List<PlaceMark> marksOf(int round, long place) {
        return placeMarks.stream()
                .filter(mark -> mark.roundNumber() == round && mark.place().id() == place)
                .toList();
    }

    /** Why the walk asks for a place no more; empty while it does. */
    public Optional<PlaceMark> skipOf(int round, long place) {
        return marksOf(round, place).stream()
                .filter(mark -> mark.kind() != PlaceMark.Kind.NOTE)
                .reduce((before, last) -> last)
                .filter(mark -> mark.kind() == PlaceMark.Kind.SKIP);
    }
}
