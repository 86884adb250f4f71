package jawread.server.judgement;

import java.util.Comparator;
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
import jawread.server.job.Place;
import jawread.server.measure.Evidence;
import jawread.server.measure.MeasuringRound;
import jawread.server.measure.PlaceMark;
import jawread.server.measure.Reading;

/**
 * What one round of a feature comes to: each place, and the worst of them.
 *
 * @param number 0 as found, n after cut n
 * @param deciding the place that the verdict rests on: the worst one, among equals the farthest out; empty where there is none
 */
record RoundJudgement(
        int number,
        Optional<Length> asked,
        List<PlaceJudgement> places,
        SizeVerdict verdict,
        Optional<PlaceJudgement> deciding) {
    /**
     * A place with what was read there, struck readings among them, and what the standing ones come to.
     *
     * @param uncertainty of its value; empty without one
     * @param judged empty without a value
     * @param skip why the walk asks for it no more
     * @param marks all that was said of the place
     */
    record PlaceJudgement(
            Place place,
            List<Reading> readings,
            List<Reading> standing,
            PlaceValue value,
            Optional<Uncertainty> uncertainty,
            Optional<SizeJudgement> judged,
            Optional<PlaceMark> skip,
            List<PlaceMark> marks) {
        SizeVerdict verdict() {
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

        /** The step it is shown by: the coarsest of the gauges read with; empty before the first reading. */
        Optional<Length> resolution() {
            return coarsest(standing.isEmpty() ? readings : standing);
        }

        /** Whether the walk asks for a reading here: none are enough yet, or what was read cannot stand as it is. */
        boolean wantsReading() {
            return skip.isEmpty() && (value.state() != RepeatState.DONE || verdict() == SizeVerdict.WRONG_WAY);
        }

        /** How far beyond the nearer limit, negative within; of no size farther in than any. */
        private Length beyond(Limits limits) {
            Length farIn = Length.ofPicometres(Long.MIN_VALUE / 4);
            return value.value()
                    .map(size -> {
                        Length below = limits.low().map(low -> low.minus(size)).orElse(farIn);
                        Length above =
                                limits.high().map(high -> size.minus(high)).orElse(farIn);
                        return below.compareTo(above) > 0 ? below : above;
                    })
                    .orElse(farIn);
        }
    }

    /** "As found", before anything was read in it. */
    static RoundJudgement notYetRead(JudgedFeature feature, Evidence evidence) {
        return of(feature, evidence, 0, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** @param before what it came to under the same rules before more was read: a place with no more keeps what it came to */
    static RoundJudgement of(
            JudgedFeature feature, Evidence evidence, MeasuringRound round, Optional<RoundJudgement> before) {
        return of(feature, evidence, round.number(), round.asked(), Optional.of(round), before);
    }

    private static RoundJudgement of(
            JudgedFeature feature,
            Evidence evidence,
            int number,
            Optional<Length> asked,
            Optional<MeasuringRound> round,
            Optional<RoundJudgement> before) {
        List<PlaceJudgement> places = feature.feature().places().stream()
                .map(place -> {
                    List<Reading> readings =
                            round.map(of -> evidence.at(of, place.id())).orElse(List.of());
                    return before.flatMap(of -> of.sameAt(place, readings))
                            .orElseGet(() -> judge(feature, place, evidence, number, readings));
                })
                .toList();
        SizeVerdict worst =
                SizeVerdict.worstOf(places.stream().map(PlaceJudgement::verdict).toList());
        Limits limits = feature.by().limits();
        Optional<PlaceJudgement> deciding = places.stream()
                .filter(place -> place.verdict() == worst)
                .max(Comparator.comparing(place -> place.beyond(limits)));
        return new RoundJudgement(number, asked, places, worst, deciding);
    }

    private Optional<PlaceJudgement> sameAt(Place place, List<Reading> readings) {
        return places.stream()
                .filter(each -> each.place().id() == place.id())
                .filter(each -> each.readings().equals(readings))
                .findFirst();
    }

    private static PlaceJudgement judge(
            JudgedFeature feature, Place place, Evidence evidence, int round, List<Reading> readings) {
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
                value,
                uncertainty,
                judged,
                evidence.skipOf(round, place.id()),
                evidence.marksOf(round, place.id()));
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

    Side side() {
        return deciding.map(PlaceJudgement::side).orElse(Side.NEITHER);
    }

    /** Where the next reading is wanted, in the plan's order. */
    Optional<PlaceJudgement> wanted() {
        return places.stream().filter(PlaceJudgement::wantsReading).findFirst();
    }

    /** Whether anything that counts was read. */
    boolean isBegun() {
        return places.stream().anyMatch(place -> !place.standing().isEmpty());
    }

    /** The size of the feature in this round: the mean of its places once each has a value. */
    Optional<Length> size() {
        List<Length> sizes = sizes();
        return sizes.size() == places.size() && !sizes.isEmpty() ? Optional.of(Length.meanOf(sizes)) : Optional.empty();
    }

    /** Of the places that have one. */
    List<Length> sizes() {
        return places.stream().flatMap(place -> place.value().value().stream()).toList();
    }
}
