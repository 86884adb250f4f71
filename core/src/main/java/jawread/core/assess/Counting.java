package jawread.core.assess;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Where each reading counts, and as what, once all that was said of it is heard. */
final class Counting {
    private Counting() {}

    /** @param readings and what was said of them, each in its order */
    static Map<Spot, PlaceLog> of(
            List<Reading> readings, List<ReadingMark> marks, List<ReadingSwap> swaps, List<PlaceMark> placeMarks) {
        Map<UUID, List<ReadingMark>> byReading = marks.stream().collect(Collectors.groupingBy(ReadingMark::reading));
        Map<UUID, Spot> spots = swapped(readings, swaps);
        var all = new HashMap<Spot, PlaceLog>();
        placeMarks.forEach(mark -> all.merge(
                new Spot(mark.round(), mark.place()),
                new PlaceLog(List.of(), List.of(), List.of(), List.of(mark)),
                Counting::joined));
        Map<Spot, List<Reading>> bySpot = readings.stream()
                .collect(Collectors.groupingBy(
                        reading -> spots.get(reading.id()),
                        Collectors.mapping(
                                reading -> asCounted(reading, byReading.getOrDefault(reading.id(), List.of())),
                                Collectors.toList())));
        bySpot.forEach((spot, there) -> all.merge(
                spot,
                new PlaceLog(
                        there.stream().filter(reading -> !reading.quick()).toList(),
                        there.stream().filter(Reading::quick).toList(),
                        there.stream()
                                .flatMap(reading -> byReading.getOrDefault(reading.id(), List.of()).stream())
                                .toList(),
                        List.of()),
                Counting::joined));
        return all;
    }

    private static PlaceLog joined(PlaceLog one, PlaceLog other) {
        return new PlaceLog(
                both(one.readings(), other.readings()),
                both(one.quick(), other.quick()),
                both(one.marks(), other.marks()),
                both(one.placeMarks(), other.placeMarks()));
    }

    static <T> List<T> both(List<T> one, List<T> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    /** Where each reading counts: where it was taken, unless it was put right since. */
    private static Map<UUID, Spot> swapped(List<Reading> readings, List<ReadingSwap> swaps) {
        var spots = new HashMap<UUID, Spot>();
        readings.forEach(reading -> spots.put(reading.id(), Spot.of(reading)));
        swaps.forEach(swap -> {
            Spot one = spots.get(swap.one());
            spots.put(swap.one(), spots.get(swap.other()));
            spots.put(swap.other(), one);
        });
        return spots;
    }

    /** As a person said it should have been; as it is where nobody did. */
    private static Reading asCounted(Reading reading, List<ReadingMark> marks) {
        return marks.stream()
                .flatMap(mark -> mark.answer().shouldBe().stream())
                .reduce((before, last) -> last)
                .map(reading::corrected)
                .orElse(reading);
    }
}
