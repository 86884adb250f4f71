package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.doubt.References;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.server.job.Place;
import jawread.server.measure.Evidence;
import jawread.server.measure.MeasuringRound;
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
        List<PlaceJudgement> asRead = feature.feature().places().stream()
                .map(place -> {
                    List<Reading> readings =
                            round.map(of -> evidence.at(of, place.id())).orElse(List.of());
                    List<Reading> quick =
                            round.map(of -> evidence.quickAt(of, place.id())).orElse(List.of());
                    return before.flatMap(of -> of.sameAt(place, readings, quick))
                            .orElseGet(() -> PlaceJudgement.of(feature, place, evidence, number, readings, quick));
                })
                .toList();
        List<PlaceJudgement> places = asRead.stream()
                .map(place -> place.doubted(feature, evidence, References.beside(valuesBut(place, asRead))))
                .toList();
        SizeVerdict worst =
                SizeVerdict.worstOf(places.stream().map(PlaceJudgement::verdict).toList());
        Limits limits = feature.by().limits();
        Optional<PlaceJudgement> deciding = places.stream()
                .filter(place -> place.verdict() == worst)
                .max(Comparator.comparing(place -> place.beyond(limits)));
        return new RoundJudgement(number, asked, places, worst, deciding);
    }

    private static List<Length> valuesBut(PlaceJudgement one, List<PlaceJudgement> all) {
        return all.stream()
                .filter(each -> each != one)
                .flatMap(each -> each.value().value().stream())
                .toList();
    }

    private Optional<PlaceJudgement> sameAt(Place place, List<Reading> readings, List<Reading> quick) {
        return places.stream()
                .filter(each -> each.place().id() == place.id())
                .filter(each -> each.readings().equals(readings) && each.quick().equals(quick))
                .findFirst();
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
