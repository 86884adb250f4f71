package jawread.core.assess;

import java.util.List;
import java.util.Optional;
import jawread.core.judge.Bracket;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.RepeatState;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * A place with what was read there, what the standing readings come to, and which of them want a second look.
 *
 * @param counted the readings that count: those not struck
 * @param beside the median of the other places of the round; empty where too few have a value
 * @param doubts in the order of the readings, quick checks last
 */
public record PlaceAssessment(
        Place place, PlaceLog log, Standing counted, PlaceSize size, Optional<Length> beside, List<Doubt> doubts) {
    /** Before it is held against the other places. */
    static PlaceAssessment sized(JudgedFeature feature, Place place, PlaceLog log) {
        Standing counted = Standing.of(log.standing());
        return new PlaceAssessment(place, log, counted, PlaceSize.of(feature, counted), Optional.empty(), List.of());
    }

    /** The same held against all there is. */
    PlaceAssessment doubted(JudgedFeature feature, Optional<Length> median) {
        return new PlaceAssessment(
                place,
                log,
                counted,
                size,
                median,
                new Doubts(feature, log, counted, size.contradiction(), median).all());
    }

    /** Of one held against all there is already, where at most the median of the other places is another now. */
    PlaceAssessment besideOthers(JudgedFeature feature, Optional<Length> median) {
        if (beside.equals(median)) {
            return this;
        }
        boolean isFree =
                doubts.isEmpty() && new Doubts(feature, log, counted, size.contradiction(), median).areRepeatsNear();
        return isFree ? new PlaceAssessment(place, log, counted, size, median, doubts) : doubted(feature, median);
    }

    /** The readings that count: those not struck. */
    public List<Reading> standing() {
        return counted.readings();
    }

    /** All of them, struck ones too. */
    public List<Reading> readings() {
        return log.readings();
    }

    /** Checks with another gauge, struck ones too. */
    public List<Reading> quick() {
        return log.quick();
    }

    /** Those of them that are not struck. */
    public List<Reading> standingQuick() {
        return log.standingQuick();
    }

    public PlaceValue value() {
        return size.value();
    }

    /** Of its value; empty without one. */
    public Optional<Uncertainty> uncertainty() {
        return size.uncertainty();
    }

    /** Empty without a value. */
    public Optional<SizeJudgement> judged() {
        return size.judged();
    }

    /** Why the walk asks for it no more. */
    public Optional<PlaceMark> skip() {
        return log.skip();
    }

    /** All that was said of the place. */
    public List<PlaceMark> marks() {
        return log.placeMarks();
    }

    public SizeVerdict verdict() {
        return doubts.isEmpty() ? apparent() : SizeVerdict.IN_DOUBT;
    }

    /** What it would be, if what was read there stood. */
    public SizeVerdict apparent() {
        return judged().map(SizeJudgement::verdict)
                .orElse(value().state() == RepeatState.UNSETTLED ? SizeVerdict.UNSETTLED : SizeVerdict.NOT_MEASURED);
    }

    /** Whether it is a bracket: as wide as it is, with no risk to reckon. */
    public boolean isBetweenPins() {
        return standing().stream().anyMatch(reading -> reading.pins().isPresent());
    }

    /** The pins that would settle it; none where it does not lie between two, and no limit between them. */
    public List<Length> settledBy(Limits limits) {
        List<Bracket> tries =
                standing().stream().flatMap(reading -> reading.pins().stream()).toList();
        return tries.isEmpty()
                ? List.of()
                : Bracket.within(tries)
                        .map(bracket -> bracket.settledBy(limits))
                        .orElse(List.of());
    }

    public Side side() {
        return judged().map(SizeJudgement::side).orElse(Side.NEITHER);
    }

    /**
     * Its size, as the form of the feature takes it; empty without one, and where a go and no-go gauge says no size.
     *
     * @param usual the step of the limits
     */
    Optional<FormPlace> measured(Length usual) {
        return value().value().isEmpty()
                        || size.by().step().isZero()
                        || uncertainty().isEmpty()
                ? Optional.empty()
                : Optional.of(new FormPlace(
                        place,
                        value().value().get(),
                        uncertainty().get(),
                        resolution().orElse(usual),
                        size.by().spread()));
    }

    /** The step it is shown by: the coarsest of the readings that its value rests on; empty before the first reading, and without a scale. */
    public Optional<Length> resolution() {
        Optional<Length> step = counted.count() > 0
                ? Optional.of(size.by().step())
                : readings().stream().map(Reading::leastCount).max(Length::compareTo);
        return step.filter(of -> !of.isZero());
    }

    /** Whether the walk asks for a reading here: none are enough yet, or what was read cannot stand as it is. */
    public boolean wantsReading() {
        return skip().isEmpty()
                && (value().state() != RepeatState.DONE || !doubts.isEmpty() || verdict() == SizeVerdict.WRONG_WAY);
    }

    /** How far beyond the nearer limit, negative within; of no size farther in than any. */
    public Length beyond(Limits limits) {
        Length farIn = Length.ofPicometres(Long.MIN_VALUE / 4);
        if (value().value().isEmpty()) {
            return farIn;
        }
        Length of = value().value().get();
        Length below = limits.low().isPresent() ? limits.low().get().minus(of) : farIn;
        Length above = limits.high().isPresent() ? of.minus(limits.high().get()) : farIn;
        return below.larger(above);
    }
}
