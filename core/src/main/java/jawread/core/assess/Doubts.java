package jawread.core.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.ReadingMark.Kind;
import jawread.core.doubt.Finding;
import jawread.core.doubt.References;
import jawread.core.judge.CriticalRange;
import jawread.core.judge.Demand;
import jawread.core.length.Length;
import jawread.core.limit.FormLimit;
import jawread.core.misread.Reference;

/**
 * Holds the readings of a place against all there is: a quick check, its repeats, the other places, the drawing, and what its gauge's zero
 * showed afterwards. One that a person has answered for is left alone.
 *
 * @param beside the median of the other places of the round; empty where too few have a value
 */
record Doubts(JudgedFeature feature, PlaceLog log, List<Reading> standing, Optional<Length> beside) {
    /** In the order of the readings, quick checks last; one reading may be in doubt for two causes. */
    List<Doubt> all() {
        List<Reading> checks = log.standingQuick();
        var doubts = new ArrayList<Doubt>();
        IntStream.range(0, standing.size()).forEach(at -> misread(at, checks).ifPresent(doubts::add));
        checks.forEach(check -> misread(check).ifPresent(doubts::add));
        Stream.concat(standing.stream(), checks.stream())
                .flatMap(reading -> zeroMoved(reading).stream())
                .forEach(doubts::add);
        return List.copyOf(doubts);
    }

    private Optional<Doubt> misread(int at, List<Reading> checks) {
        Reading reading = standing.get(at);
        if (!canBeMisread(reading)) {
            return Optional.empty();
        }
        Length own = expanded(reading);
        List<Reference> references = Stream.of(
                        quick(reading, checks, own),
                        repeats(at),
                        beside.map(median -> References.places(
                                median, form(), feature.demand().limits(), reading.spread(), own)),
                        References.drawing(feature.demand(), own))
                .flatMap(Optional::stream)
                .map(reference -> asShown(reference, reading))
                .toList();
        return Finding.of(reading.asKept(readOn(reading)), references)
                .filter(finding -> !isStillToBeCut(reading, finding))
                .map(finding -> new Doubt.Misread(reading, readOn(reading), finding));
    }

    /** A rough size on its way to the drawing is far from it as a matter of course: only a slip would make that worth a word. */
    private boolean isStillToBeCut(Reading reading, Finding finding) {
        Demand demand = feature.demand();
        return finding.named().isEmpty()
                && finding.against().kind() == Reference.Kind.DRAWING
                && demand.service().isEmpty()
                && demand.kind().canBeCut()
                && (demand.kind().shrinksWithCutting()
                        ? demand.shown().isAbove(reading.value())
                        : demand.shown().isBelow(reading.value()));
    }

    /** A quick check may slip, too: one that the drawing names a slip in is no measure for the others. */
    private Optional<Doubt> misread(Reading check) {
        return canBeMisread(check)
                ? slippedAgainstDrawing(check).map(finding -> new Doubt.Misread(check, readOn(check), finding))
                : Optional.empty();
    }

    private Optional<Finding> slippedAgainstDrawing(Reading check) {
        return References.drawing(feature.demand(), expanded(check))
                .map(reference -> asShown(reference, check))
                .flatMap(reference -> Finding.of(check.asKept(readOn(check)), List.of(reference)))
                .filter(finding -> finding.named().isPresent());
    }

    /** Sizes are at 20 °C with the gauge's own error taken off; a slip is told by what the scale shows. */
    private static Reference asShown(Reference reference, Reading reading) {
        Length taken = reading.value().minus(reading.raw());
        return new Reference(reference.kind(), reference.size().minus(taken), reference.band());
    }

    /** The last one that was taken with another gauge. */
    private Optional<Reference> quick(Reading reading, List<Reading> checks, Length own) {
        return checks.stream()
                .filter(check -> check.with().read() != reading.with().read())
                .filter(check ->
                        hasAnswered(check) || slippedAgainstDrawing(check).isEmpty())
                .reduce((before, last) -> last)
                .map(check -> References.quick(check.value(), expanded(check), own));
    }

    private Optional<Reference> repeats(int at) {
        if (standing.size() < 2) {
            return Optional.empty();
        }
        Length spread =
                standing.stream().map(Reading::spread).max(Length::compareTo).orElseThrow();
        Length step = standing.stream()
                .map(Reading::leastCount)
                .max(Length::compareTo)
                .orElseThrow();
        return step.isZero()
                ? Optional.empty()
                : Optional.of(References.repeats(
                        standing.stream().map(Reading::value).toList(),
                        at,
                        CriticalRange.of(standing.size(), spread, step)));
    }

    private Optional<Length> form() {
        return Stream.of(feature.planned().outOfRound(), feature.planned().taper())
                .flatMap(Optional::stream)
                .map(FormLimit::asDifference)
                .max(Length::compareTo);
    }

    private Instrument readOn(Reading reading) {
        return feature.conditions().instruments().readOn(reading);
    }

    private Length expanded(Reading reading) {
        return feature.conditions().expanded(feature.kind(), reading);
    }

    /** Pins are no scale. */
    private boolean canBeMisread(Reading reading) {
        return reading.pins().isEmpty() && readOn(reading).hasScale() && !hasAnswered(reading);
    }

    /** Whether somebody has said that it is right as it is, or what it should have been. */
    private boolean hasAnswered(Reading reading) {
        return answers(reading).anyMatch(mark -> mark.answer().check().isEmpty());
    }

    private Stream<ReadingMark> answers(Reading reading) {
        return log.marksOf(reading).stream().filter(mark -> mark.kind() == Kind.KEEP || mark.kind() == Kind.CORRECT);
    }

    private Optional<Doubt> zeroMoved(Reading reading) {
        return readOn(reading)
                .zeros()
                .doubtOf(reading.takenAt().toEpochMilli(), reading.correction())
                .filter(moved -> !hasAnsweredTo(moved.look().id(), reading))
                .map(moved -> new Doubt.ZeroMoved(reading, readOn(reading), moved));
    }

    private boolean hasAnsweredTo(UUID check, Reading reading) {
        return answers(reading).anyMatch(mark -> mark.answer().check().equals(Optional.of(check)));
    }
}
