package jawread.core.assess;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.ReadingMark.Kind;
import jawread.core.doubt.Finding;
import jawread.core.doubt.References;
import jawread.core.doubt.ZeroStrip;
import jawread.core.judge.CriticalRange;
import jawread.core.judge.Demand;
import jawread.core.judge.TwoMethods;
import jawread.core.length.Length;
import jawread.core.limit.FormLimit;
import jawread.core.misread.Reference;

/**
 * Holds the readings of a place against all there is: a quick check, its repeats, the other places, the drawing, and what its gauge's zero
 * showed afterwards. One that a person has answered for is left alone.
 */
final class Doubts {
    private final JudgedFeature feature;
    private final PlaceLog log;
    private final Standing standing;
    private final Optional<PlaceSize.Contradiction> contradiction;
    private final Optional<Length> beside;
    private final List<Check> checks;

    /** @param contradiction of two methods at the place @param beside the median of the other places of the round; empty where too few have a value */
    Doubts(
            JudgedFeature feature,
            PlaceLog log,
            Standing standing,
            Optional<PlaceSize.Contradiction> contradiction,
            Optional<Length> beside) {
        this.feature = feature;
        this.log = log;
        this.standing = standing;
        this.beside = beside;
        this.contradiction = contradiction;
        List<Reading> quick = log.standingQuick();
        this.checks =
                quick.isEmpty() ? List.of() : quick.stream().map(this::check).toList();
    }

    /**
     * A quick check.
     *
     * @param expanded its U
     * @param slipped a slip that the drawing names in it; a check with one that nobody has answered for is no measure for the others
     */
    private record Check(Reading reading, Length expanded, Optional<Finding> slipped) {
        Length apart(Check other) {
            return reading.value().minus(other.reading.value()).abs();
        }

        /** Of what lies between the two. */
        Length explained(Check other) {
            return Length.nearest(TwoMethods.explained(expanded.micrometres(), other.expanded.micrometres()));
        }

        boolean contradicts(Check other) {
            return apart(other).compareTo(explained(other)) > 0;
        }
    }

    private Check check(Reading reading) {
        Length expanded = expanded(reading);
        boolean isNearTheDrawing = References.drawing(feature.demand(), Length.ZERO)
                .filter(drawing -> !drawing.agreesWith(reading.value()))
                .isEmpty();
        return new Check(
                reading,
                expanded,
                !isNearTheDrawing && canBeMisread(reading)
                        ? slippedAgainstDrawing(reading, expanded)
                        : Optional.empty());
    }

    /** In the order of the readings, quick checks last; one reading may be in doubt for two causes. */
    List<Doubt> all() {
        var doubts = new ArrayList<Doubt>();
        checks.forEach(check -> contradicting(check).ifPresent(doubts::add));
        // Repeats are those of one method.
        for (Standing method : standing.byMethod()) {
            Optional<Length> range = criticalRange(method);
            if (!areAllNear(method, range)) {
                IntStream.range(0, method.count())
                        .forEach(at -> misread(method, range, at).ifPresent(doubts::add));
            }
        }
        contradiction.flatMap(this::contradicted).ifPresent(doubts::add);
        checks.forEach(check -> check.slipped()
                .ifPresent(
                        finding -> doubts.add(new Doubt.Misread(check.reading(), readOn(check.reading()), finding))));
        Instrument on = null;
        for (Reading reading : standing.readings()) {
            // The one before was read on the same, nearly always.
            on = on != null && on.id() == reading.with().read() ? on : readOn(reading);
            ofItsGauge(reading, on, doubts);
        }
        checks.forEach(check -> ofItsGauge(check.reading(), readOn(check.reading()), doubts));
        return List.copyOf(doubts);
    }

    /** Whether no reading can have been misread, by {@link #areAllNear}: where nothing else was in doubt, nothing is. */
    boolean areRepeatsNear() {
        return standing.byMethod().stream().allMatch(method -> areAllNear(method, criticalRange(method)));
    }

    /**
     * Whether every reading agrees with all there is, before it is asked how well each is known: that only makes the bands wider. Of a
     * hundred places nearly all do; and where the smallest and the largest do, so does what lies between.
     */
    private boolean areAllNear(Standing method, Optional<Length> criticalRange) {
        if (method.count() == 0) {
            return true;
        }
        Length apart = method.largest().minus(method.smallest());
        if (criticalRange.isPresent() && !References.areAlike(apart, criticalRange.get())) {
            return false;
        }
        Optional<Reference> drawing = References.drawing(feature.demand(), Length.ZERO);
        if (drawing.isPresent() && !isNear(method, drawing.get())) {
            return false;
        }
        if (beside.isPresent() && !isNear(method, places(beside.get(), method.leastSpread(), Length.ZERO))) {
            return false;
        }
        for (Check check : checks) {
            if (!isNear(method, References.quick(check.reading().value(), check.expanded(), Length.ZERO))) {
                return false;
            }
        }
        return true;
    }

    private Reference places(Length median, Length spread, Length own) {
        return References.places(median, form(), feature.demand().limits(), spread, own);
    }

    private static boolean isNear(Standing method, Reference reference) {
        return reference.agreesWith(method.smallest()) && reference.agreesWith(method.largest());
    }

    private Optional<Doubt> misread(Standing method, Optional<Length> criticalRange, int at) {
        Reading reading = method.readings().get(at);
        if (!canBeMisread(reading)) {
            return Optional.empty();
        }
        Length own = expanded(reading);
        List<Reference> references = Stream.of(
                        quick(reading, own),
                        criticalRange.map(range -> References.repeats(method.values(), at, range)),
                        beside.map(median -> places(median, reading.spread(), own)),
                        References.drawing(feature.demand(), own))
                .flatMap(Optional::stream)
                .map(reference -> asShown(reference, reading))
                .toList();
        // Which of its figures a slip was in, its size does not tell.
        Optional<Finding> found = reading.made().isPresent()
                ? Finding.unnamed(reading.raw(), references)
                : Finding.of(reading.asKept(readOn(reading)), references);
        return found.filter(finding -> !isStillToBeCut(reading, finding))
                .map(finding -> new Doubt.Misread(reading, readOn(reading), finding));
    }

    /** Empty for a check that stands: what a person has answered for, and what more checks agree with than not, does. */
    private Optional<Doubt> contradicting(Check check) {
        List<Check> against = against(check);
        return hasAnswered(check.reading()) || check.slipped().isPresent() || against.isEmpty() || isBacked(check)
                ? Optional.empty()
                : Optional.of(against.get(against.size() - 1))
                        .map(other -> new Doubt.ChecksApart(
                                check.reading(),
                                readOn(check.reading()),
                                other.reading(),
                                check.apart(other),
                                check.explained(other)));
    }

    private List<Check> against(Check check) {
        return unslipped().filter(other -> other.contradicts(check)).toList();
    }

    private Stream<Check> unslipped() {
        return checks.stream().filter(check -> check.slipped().isEmpty());
    }

    /** Whether at least one other check says the same, and no more of them contradict it. */
    private boolean isBacked(Check check) {
        int against = against(check).size();
        long with = unslipped().filter(other -> other != check).count() - against;
        return with > 0 && with >= against;
    }

    /** Whether others are held against it: none contradicts it, it is backed, or it alone of those that differ was answered for. */
    private boolean isMeasure(Check check) {
        List<Check> against = against(check);
        return check.slipped().isEmpty()
                && (against.isEmpty()
                        || isBacked(check)
                        || hasAnswered(check.reading())
                                && against.stream().noneMatch(other -> hasAnswered(other.reading())));
    }

    private Optional<Doubt> contradicted(PlaceSize.Contradiction of) {
        List<Reading> other = of.other().readings();
        Reading last = other.get(other.size() - 1);
        return hasAnswered(last)
                ? Optional.empty()
                : Optional.of(new Doubt.Contradicted(last, readOn(last), of.apart(), of.explained()));
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

    private Optional<Finding> slippedAgainstDrawing(Reading check, Length expanded) {
        return References.drawing(feature.demand(), expanded)
                .filter(reference -> check.made().isEmpty())
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
    private Optional<Reference> quick(Reading reading, Length own) {
        return checks.stream()
                .filter(check -> check.reading().with().read() != reading.with().read())
                .filter(this::isMeasure)
                .reduce((before, last) -> last)
                .map(check -> References.quick(check.reading().value(), check.expanded(), own));
    }

    /** Of as many repeats as there are; empty for a single one, and for a gauge without steps. */
    private static Optional<Length> criticalRange(Standing standing) {
        return standing.count() < 2 || standing.step().isZero()
                ? Optional.empty()
                : Optional.of(CriticalRange.of(standing.count(), standing.spread(), standing.step()));
    }

    private Optional<Length> form() {
        Optional<Length> round = feature.planned().outOfRound().map(FormLimit::asDifference);
        Optional<Length> taper = feature.planned().taper().map(FormLimit::asDifference);
        return round.isPresent() && taper.isPresent()
                ? Optional.of(round.get().larger(taper.get()))
                : round.or(() -> taper);
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

    private void ofItsGauge(Reading reading, Instrument on, List<Doubt> to) {
        if (reading.made().isEmpty()) {
            ofItsGauge(reading, reading, on, to);
            return;
        }
        // Two figures of one gauge raise the same doubt.
        var ofFigures = new LinkedHashSet<Doubt>();
        reading.figures().forEach(figure -> ofItsGauge(reading, figure, readOn(figure), ofFigures));
        to.addAll(ofFigures);
    }

    /**
     * Asked of each of thousands of readings, nearly always for nothing: so without functions that carry something along, which the first
     * compiler makes slowly.
     *
     * @param read the reading, or the figure of it that was read on the gauge
     */
    private void ofItsGauge(Reading reading, Reading read, Instrument on, Collection<Doubt> to) {
        if (on.gauge().kind().isComparator() && read.setting().isEmpty() && !hasAnswered(reading)) {
            to.add(new Doubt.NeverSet(reading, on));
        }
        ZeroStrip zeros = on.zerosOf(read.with());
        if (zeros.looks().isEmpty()) {
            return;
        }
        Optional<ZeroStrip.Moved> moved = zeros.doubtOf(reading.takenAt().toEpochMilli(), read.correction());
        if (moved.isPresent() && !hasAnsweredTo(moved.get().look().id(), reading)) {
            to.add(new Doubt.ZeroMoved(reading, on, moved.get()));
        }
    }

    private boolean hasAnsweredTo(UUID check, Reading reading) {
        return answers(reading).anyMatch(mark -> mark.answer().check().equals(Optional.of(check)));
    }
}
