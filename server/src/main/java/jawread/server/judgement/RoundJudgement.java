package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.WayOut;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Place;
import jawread.server.measure.History;
import jawread.server.measure.MeasuringRound;
import jawread.server.measure.Reading;

/**
 * What one round of a feature comes to: each place, and the worst of them.
 *
 * @param number 0 as found, n after cut n
 */
record RoundJudgement(int number, Optional<Length> asked, List<PlaceJudgement> places, SizeVerdict verdict) {
    /** A place with what was read there, struck readings among them, and what the standing ones come to. */
    record PlaceJudgement(
            Place place, List<Reading> readings, List<Reading> standing, PlaceValue value, SizeVerdict verdict) {
        /** The step it is judged by: the coarsest of the gauges read with; empty before the first reading. */
        Optional<Length> resolution() {
            return coarsest(standing.isEmpty() ? readings : standing);
        }
    }

    /** "As found", before anything was read in it. */
    static RoundJudgement notYetRead(Job job, Feature feature, History history) {
        return of(job, feature, history, 0, Optional.empty(), Optional.empty());
    }

    static RoundJudgement of(Job job, Feature feature, History history, MeasuringRound round) {
        return of(job, feature, history, round.number(), round.asked(), Optional.of(round));
    }

    private static RoundJudgement of(
            Job job,
            Feature feature,
            History history,
            int number,
            Optional<Length> asked,
            Optional<MeasuringRound> round) {
        List<PlaceJudgement> places = feature.places().stream()
                .map(place -> judge(
                        job,
                        feature,
                        place,
                        history,
                        round.map(of -> history.at(of, place.id())).orElse(List.of())))
                .toList();
        SizeVerdict worst =
                SizeVerdict.worstOf(places.stream().map(PlaceJudgement::verdict).toList());
        return new RoundJudgement(number, asked, places, worst);
    }

    private static PlaceJudgement judge(
            Job job, Feature feature, Place place, History history, List<Reading> readings) {
        List<Reading> standing = history.standing(readings);
        // Read with two gauges, a place is judged by the coarser one: the finer cannot make the other's readings
        // better.
        Length resolution = coarsest(standing).orElse(LengthUnit.MICROMETRE.whole());
        Length spread =
                standing.stream().map(Reading::spread).max(Length::compareTo).orElse(Length.ZERO);
        PlaceValue value = job.repeatSchool()
                .judge(
                        isLive(standing),
                        job.placeAverage(feature.kind()),
                        spread,
                        resolution,
                        standing.stream().map(Reading::value).toList());
        return new PlaceJudgement(
                place, readings, standing, value, SizeVerdict.of(value, feature.kind(), feature.limits()));
    }

    /** Whether the turning point was seen while each was taken. */
    private static boolean isLive(List<Reading> readings) {
        return !readings.isEmpty()
                && readings.stream().allMatch(reading -> reading.gauge().kind().live());
    }

    private static Optional<Length> coarsest(List<Reading> readings) {
        return readings.stream().map(Reading::leastCount).max(Length::compareTo);
    }

    /** The place that the verdict rests on: the worst one; among equals the one with the most metal to take off. */
    Optional<PlaceJudgement> deciding(Feature feature) {
        return places.stream()
                .filter(place -> place.verdict() == verdict)
                .max(Comparator.comparing(place -> toNear(feature, place)));
    }

    private static Length toNear(Feature feature, PlaceJudgement place) {
        return place.value()
                .value()
                .flatMap(size ->
                        WayOut.of(feature.kind(), size, feature.limits()).cut())
                .map(WayOut.Cut::toNear)
                .orElse(Length.ZERO);
    }

    /** The size of the feature in this round: the mean of its places once each has a value. */
    Optional<Length> size() {
        List<Length> sizes =
                places.stream().flatMap(place -> place.value().value().stream()).toList();
        return sizes.size() == places.size() && !sizes.isEmpty() ? Optional.of(Length.meanOf(sizes)) : Optional.empty();
    }
}
