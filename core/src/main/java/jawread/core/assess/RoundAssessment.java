package jawread.core.assess;

import java.util.Comparator;
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
        List<PlaceAssessment> sized = IntStream.range(0, there.size())
                .mapToObj(at -> {
                    PlaceLog read = log.at(round.number(), there.get(at).key());
                    return before.flatMap(of -> of.sameAt(at, there.get(at), read))
                            .orElseGet(() -> PlaceAssessment.sized(feature, there.get(at), read));
                })
                .toList();
        // What a hand found worn differs from the others by what it is, and so do sections of what runs out or is bent.
        boolean areAlike = feature.kind() != FeatureKind.RUNOUT;
        List<Optional<Length>> beside = References.besideEach(sized.stream()
                .map(place -> place.value()
                        .value()
                        .filter(size -> areAlike && !place.place().isByHand()))
                .toList());
        List<PlaceAssessment> places = IntStream.range(0, sized.size())
                .mapToObj(at -> {
                    PlaceAssessment place = sized.get(at);
                    Optional<Length> others = beside.get(at)
                            .filter(size -> areAlike && !place.place().isByHand());
                    boolean holds = before.filter(of -> of.isAt(at, place)).isPresent()
                            && place.beside().equals(others);
                    return holds ? place : place.doubted(feature, others);
                })
                .toList();
        SizeVerdict worst = SizeVerdict.worstOf(
                places.stream().map(PlaceAssessment::verdict).toList());
        Limits limits = feature.limits();
        Optional<PlaceAssessment> deciding = places.stream()
                .filter(place -> place.verdict() == worst)
                .max(Comparator.comparing(place -> place.beyond(limits)));
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

    private boolean isLaidOutAs(List<Place> there) {
        return IntStream.range(0, Math.max(there.size(), places.size()))
                .allMatch(at -> at < there.size()
                        && at < places.size()
                        && there.get(at) == places.get(at).place());
    }

    private boolean isAt(int at, PlaceAssessment place) {
        return at < places.size() && places.get(at) == place;
    }

    private Optional<PlaceAssessment> sameAt(int at, Place place, PlaceLog log) {
        if (at >= places.size()) {
            return Optional.empty();
        }
        PlaceAssessment before = places.get(at);
        boolean isSame = (before.place() == place || before.place().equals(place))
                && (before.log() == log || before.log().equals(log));
        return isSame ? Optional.of(before) : Optional.empty();
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
