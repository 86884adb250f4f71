package jawread.server.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * All that was ever read on some parts, in the order it was kept.
 *
 * @param rounds by number; "as found" is there once something was read in it
 * @param marks of a reading, in the order they were made
 * @param looks at what is looked at rather than measured, in the order they were made
 */
public record History(
        List<MeasuringRound> rounds,
        Map<Spot, List<Reading>> readings,
        Map<UUID, List<ReadingMark>> marks,
        List<Look> looks) {
    /** A place in a round. */
    record Spot(UUID round, long place) {
        static Spot of(Reading reading) {
            return new Spot(reading.round().getId(), reading.place().id());
        }
    }

    static History of(List<MeasuringRound> rounds, List<Reading> readings, List<ReadingMark> marks, List<Look> looks) {
        return new History(
                rounds,
                readings.stream().collect(Collectors.groupingBy(Spot::of)),
                marks.stream()
                        .collect(Collectors.groupingBy(mark -> mark.reading().getId())),
                looks);
    }

    /** What was found at the last look; empty while nobody has looked. */
    public Optional<Look> lookAt(long part, long feature) {
        return looks.stream()
                .filter(look -> look.partId() == part && look.featureId() == feature)
                .reduce((before, last) -> last);
    }

    public List<ReadingMark> marksOf(Reading reading) {
        return marks.getOrDefault(reading.getId(), List.of());
    }

    /** The strike, when there is one: a struck reading counts nowhere. */
    public Optional<ReadingMark> strikeOf(Reading reading) {
        return marksOf(reading).stream()
                .filter(mark -> mark.kind() == ReadingMark.Kind.STRIKE)
                .findFirst();
    }

    /** The rounds of one feature of one part, by number. */
    public List<MeasuringRound> roundsOf(long part, long feature) {
        return rounds.stream()
                .filter(round -> round.part().id() == part && round.feature().id() == feature)
                .toList();
    }

    /** What was read at a place in a round, struck ones among them. */
    public List<Reading> at(MeasuringRound round, long place) {
        return readings.getOrDefault(new Spot(round.getId(), place), List.of());
    }

    /** Those not struck. */
    public List<Reading> standing(List<Reading> readings) {
        return readings.stream().filter(reading -> strikeOf(reading).isEmpty()).toList();
    }
}
