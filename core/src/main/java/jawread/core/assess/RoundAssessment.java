package jawread.core.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.doubt.References;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;

/**
 * What one round of a feature comes to: each place, and the worst of them.
 *
 * @param as the feature as it was in this round: what was reworked before it is another size
 * @param wanting the places that want a reading, in the plan's order
 * @param sizes the worst of the places
 * @param deciding the place that this rests on: the worst one, among equals the farthest out; empty where there is none
 * @param form of sections and axes; empty while no place has a size
 * @param verdict the worst of sizes and form
 * @param isBegun whether anything that counts was read
 */
public record RoundAssessment(
        Feature as,
        Round round,
        List<PlaceAssessment> places,
        List<PlaceAssessment> wanting,
        SizeVerdict sizes,
        Optional<PlaceAssessment> deciding,
        Optional<MeasuredForm> form,
        SizeVerdict verdict,
        boolean isBegun) {
    /**
     * @param before what it came to under the same conditions before more was read: a place with no more keeps what it came to
     */
    static RoundAssessment of(
            JudgedFeature feature, long part, FeatureLog log, Round round, Optional<RoundAssessment> before) {
        List<Place> there = feature.feature().places(part);
        List<PlaceAssessment> places = doubted(feature, sized(feature, there, log, round, before), before);
        SizeVerdict worst = SizeVerdict.worstOf(
                places.stream().map(PlaceAssessment::verdict).toList());
        Optional<PlaceAssessment> deciding = farthest(places, worst, feature.limits());
        Optional<MeasuredForm> form = form(feature, there, places, before);
        boolean isWhole = places.stream()
                .allMatch(place ->
                        place.value().value().isPresent() || place.skip().isPresent());
        // While metal is left the next cut makes the form anew; while places are missing it is drawn, but not judged.
        SizeVerdict verdict = form.filter(of -> isWhole && worst != SizeVerdict.METAL_LEFT)
                .flatMap(MeasuredForm::verdict)
                .map(ofForm -> SizeVerdict.worstOf(List.of(worst, ofForm)))
                .orElse(worst);
        List<PlaceAssessment> wanting =
                places.stream().filter(PlaceAssessment::wantsReading).toList();
        boolean isBegun = places.stream().anyMatch(place -> !place.standing().isEmpty());
        return new RoundAssessment(feature.feature(), round, places, wanting, worst, deciding, form, verdict, isBegun);
    }

    private static List<PlaceAssessment> sized(
            JudgedFeature feature, List<Place> there, FeatureLog log, Round round, Optional<RoundAssessment> before) {
        var sized = new ArrayList<PlaceAssessment>(there.size());
        for (int at = 0; at < there.size(); at++) {
            Place place = there.get(at);
            PlaceLog read = log.at(round.number(), place.key());
            sized.add(
                    before.isPresent() && before.get().isSameAt(at, place, read)
                            ? before.get().places.get(at)
                            : PlaceAssessment.sized(feature, place, read));
        }
        return sized;
    }

    private static List<PlaceAssessment> doubted(
            JudgedFeature feature, List<PlaceAssessment> sized, Optional<RoundAssessment> before) {
        // What a hand found worn differs from the others by what it is, and so do sections of what runs out or is bent.
        boolean areAlike = feature.kind() != FeatureKind.RUNOUT;
        var values = new ArrayList<Optional<Length>>(sized.size());
        for (PlaceAssessment place : sized) {
            values.add(areAlike && !place.place().isByHand() ? place.value().value() : Optional.empty());
        }
        List<Optional<Length>> beside = References.besideEach(values);
        var places = new ArrayList<PlaceAssessment>(sized.size());
        for (int at = 0; at < sized.size(); at++) {
            PlaceAssessment place = sized.get(at);
            Optional<Length> others = areAlike && !place.place().isByHand() ? beside.get(at) : Optional.empty();
            places.add(
                    before.isPresent() && before.get().isAt(at, place)
                            ? place.besideOthers(feature, others)
                            : place.doubted(feature, others));
        }
        return List.copyOf(places);
    }

    private boolean isLaidOutAs(List<Place> there) {
        return IntStream.range(0, Math.max(there.size(), places.size()))
                .allMatch(at -> at < there.size()
                        && at < places.size()
                        && there.get(at) == places.get(at).place());
    }

    /** Of those with a verdict, the one that lies farthest beyond its limits, or the least within them; of two alike the first. */
    private static Optional<PlaceAssessment> farthest(List<PlaceAssessment> places, SizeVerdict of, Limits limits) {
        Optional<PlaceAssessment> farthest = Optional.empty();
        Length beyond = Length.ZERO;
        for (PlaceAssessment place : places) {
            if (place.verdict() == of) {
                Length by = place.beyond(limits);
                if (farthest.isEmpty() || by.compareTo(beyond) > 0) {
                    farthest = Optional.of(place);
                    beyond = by;
                }
            }
        }
        return farthest;
    }

    private boolean isAt(int at, PlaceAssessment place) {
        return at < places.size() && places.get(at) == place;
    }

    private boolean isSameAt(int at, Place place, PlaceLog log) {
        if (at >= places.size()) {
            return false;
        }
        PlaceAssessment before = places.get(at);
        return (before.place() == place || before.place().equals(place))
                && (before.log() == log || before.log().equals(log));
    }

    private static Optional<MeasuredForm> form(
            JudgedFeature feature, List<Place> there, List<PlaceAssessment> places, Optional<RoundAssessment> before) {
        if (!feature.planned().kind().canBeCut()) {
            return Optional.empty();
        }
        List<FormPlace> measured = places.stream()
                .flatMap(place -> place.measured(feature.feature().limitsStep()).stream())
                .toList();
        return MeasuredForm.of(
                feature.planned(),
                before.filter(of -> of.isLaidOutAs(there))
                        .flatMap(RoundAssessment::form)
                        .map(MeasuredForm::layout)
                        .orElseGet(() -> FormLayout.of(there)),
                measured,
                feature.conditions().rules());
    }

    /** 0 as found, n after cut n. */
    public int number() {
        return round.number();
    }

    /** What the cut before it set out to take off the size; empty when it was not said. */
    public Optional<Length> asked() {
        return round.asked();
    }

    /** Whether the form is worse than any size. */
    public boolean isDecidedByForm() {
        return verdict != sizes;
    }

    public Side side() {
        if (isDecidedByForm()) {
            // Where its form is lost, on the side that wear leads to.
            return !verdict.isLost() ? Side.NEITHER : form.orElseThrow().wears() == Wears.LARGER ? Side.HIGH : Side.LOW;
        }
        return deciding.map(PlaceAssessment::side).orElse(Side.NEITHER);
    }

    /** Where the next reading is wanted, in the plan's order. */
    public Optional<PlaceAssessment> wanted() {
        return wanting.stream().findFirst();
    }

    /** The size of the feature in this round: the mean of the places of the plan once each has a value. */
    public Optional<Length> size() {
        List<PlaceAssessment> laidOut =
                places.stream().filter(place -> !place.place().isByHand()).toList();
        List<Length> values = laidOut.stream()
                .flatMap(place -> place.value().value().stream())
                .toList();
        return values.size() == laidOut.size() && !values.isEmpty()
                ? Optional.of(Length.meanOf(values))
                : Optional.empty();
    }

    /** Of the places that have one. */
    public List<Length> values() {
        return places.stream().flatMap(place -> place.value().value().stream()).toList();
    }
}
