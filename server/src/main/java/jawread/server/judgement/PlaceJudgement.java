package jawread.server.judgement;

import java.util.List;
import java.util.Optional;
import jawread.core.judge.PinBracket;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.RepeatState;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
import jawread.server.form.FormPlace;
import jawread.server.job.Place;
import jawread.server.measure.Evidence;
import jawread.server.measure.PlaceMark;
import jawread.server.measure.Reading;

/**
 * A place with what was read there, struck readings among them, and what the standing ones come to.
 *
 * @param quick checks with another gauge, struck ones among them
 * @param uncertainty of its value; empty without one
 * @param judged empty without a value
 * @param skip why the walk asks for it no more
 * @param marks all that was said of the place
 * @param second a second look at its readings; empty before it was taken
 */
public record PlaceJudgement(
        Place place,
        List<Reading> readings,
        List<Reading> standing,
        List<Reading> quick,
        PlaceValue value,
        Optional<Uncertainty> uncertainty,
        Optional<SizeJudgement> judged,
        Optional<PlaceMark> skip,
        List<PlaceMark> marks,
        Optional<SecondLook> second) {
    /** @param beside the median of the other places then */
    record SecondLook(Optional<Length> beside, List<Doubt> doubts) {}

    /** Readings that want a second look, and why. */
    List<Doubt> doubts() {
        return second.map(SecondLook::doubts).orElse(List.of());
    }

    SizeVerdict verdict() {
        return doubts().isEmpty() ? apparent() : SizeVerdict.IN_DOUBT;
    }

    /** What it would be, if what was read there stood. */
    SizeVerdict apparent() {
        return judged.map(SizeJudgement::verdict)
                .orElse(value.state() == RepeatState.UNSETTLED ? SizeVerdict.UNSETTLED : SizeVerdict.NOT_MEASURED);
    }

    /** Whether it is a bracket: as wide as it is, with no risk to reckon. */
    boolean isBetweenPins() {
        return standing.stream().anyMatch(reading -> reading.pins().isPresent());
    }

    Side side() {
        return judged.map(SizeJudgement::side).orElse(Side.NEITHER);
    }

    /** Its size, as the form of the feature takes it; empty without one. @param usual the step of the limits */
    Optional<FormPlace> measured(Length usual) {
        return value.value()
                .flatMap(size -> uncertainty.map(known -> new FormPlace(
                        place,
                        size,
                        known,
                        resolution().orElse(usual),
                        standing.stream()
                                .map(Reading::spread)
                                .max(Length::compareTo)
                                .orElse(Length.ZERO))));
    }

    /** The step it is shown by: the coarsest of the gauges read with; empty before the first reading. */
    public Optional<Length> resolution() {
        return coarsest(standing.isEmpty() ? readings : standing);
    }

    /** Whether the walk asks for a reading here: none are enough yet, or what was read cannot stand as it is. */
    boolean wantsReading() {
        return skip.isEmpty()
                && (value.state() != RepeatState.DONE || !doubts().isEmpty() || verdict() == SizeVerdict.WRONG_WAY);
    }

    /** How far beyond the nearer limit, negative within; of no size farther in than any. */
    Length beyond(Limits limits) {
        Length farIn = Length.ofPicometres(Long.MIN_VALUE / 4);
        return value.value()
                .map(size -> {
                    Length below = limits.low().map(low -> low.minus(size)).orElse(farIn);
                    Length above = limits.high().map(high -> size.minus(high)).orElse(farIn);
                    return below.compareTo(above) > 0 ? below : above;
                })
                .orElse(farIn);
    }

    /** The same with a second look at its readings; one that was taken beside the same others holds. @param beside their median */
    PlaceJudgement doubted(JudgedFeature feature, Evidence evidence, Optional<Length> beside) {
        return second.filter(look -> look.beside().equals(beside))
                .map(look -> this)
                .orElseGet(() -> with(new SecondLook(beside, new Doubting(feature, evidence, this, beside).all())));
    }

    private PlaceJudgement with(SecondLook look) {
        return new PlaceJudgement(
                place, readings, standing, quick, value, uncertainty, judged, skip, marks, Optional.of(look));
    }

    /** Before any second look. @param quick checks of it with another gauge */
    static PlaceJudgement of(
            JudgedFeature feature,
            Place place,
            Evidence evidence,
            int round,
            List<Reading> readings,
            List<Reading> quick) {
        List<Reading> standing = evidence.standing(readings);
        List<PinBracket> pins =
                standing.stream().flatMap(reading -> reading.pins().stream()).toList();
        boolean isBetweenPins = !pins.isEmpty() && pins.size() == standing.size();
        PlaceValue value = isBetweenPins ? PlaceValue.between(pins) : repeats(feature, standing);
        Optional<Uncertainty> uncertainty = value.value()
                .map(size -> feature.judging().uncertainty(feature.by().kind(), value, size, standing));
        Optional<SizeJudgement> judged = isBetweenPins
                ? PinBracket.within(pins)
                        .map(bracket -> SizeJudgement.of(feature.by().demand(), bracket))
                : value.value()
                        .map(size -> SizeJudgement.of(
                                feature.by().demand(),
                                feature.judging().rule(),
                                size,
                                uncertainty.orElseThrow().standard()));
        return new PlaceJudgement(
                place,
                readings,
                standing,
                quick,
                value,
                uncertainty,
                judged,
                evidence.skipOf(round, place.id()),
                evidence.marksOf(round, place.id()),
                Optional.empty());
    }

    private static PlaceValue repeats(JudgedFeature feature, List<Reading> standing) {
        // Read with two gauges, a place is judged by the coarser one: the finer cannot make the other's readings
        // better.
        Length resolution = coarsest(standing).orElse(LengthUnit.MICROMETRE.whole());
        Length spread =
                standing.stream().map(Reading::spread).max(Length::compareTo).orElse(Length.ZERO);
        return feature.judging()
                .job()
                .repeatSchool()
                .judge(
                        isLive(standing),
                        feature.judging().job().placeAverage(feature.by().kind()),
                        spread,
                        resolution,
                        standing.stream().map(Reading::value).toList());
    }

    /** Whether the turning point was seen while each was taken. */
    private static boolean isLive(List<Reading> readings) {
        return !readings.isEmpty()
                && readings.stream().allMatch(reading -> reading.gauge().kind().live());
    }

    private static Optional<Length> coarsest(List<Reading> readings) {
        return readings.stream().map(Reading::leastCount).max(Length::compareTo);
    }
}
