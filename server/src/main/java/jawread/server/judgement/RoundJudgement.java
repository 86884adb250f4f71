package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.doubt.References;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.server.form.FormPlace;
import jawread.server.form.MeasuredForm;
import jawread.server.form.MeasuredForm.Schools;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.job.Place;
import jawread.server.measure.Evidence;
import jawread.server.measure.MeasuringRound;
import jawread.server.measure.Reading;
import jawread.server.settings.Setting;

/**
 * What one round of a feature comes to: each place, and the worst of them.
 *
 * @param number 0 as found, n after cut n
 * @param wanting the places that want a reading, in the plan's order
 * @param sizes the worst of the places
 * @param deciding the place that this rests on: the worst one, among equals the farthest out; empty where there is none
 * @param form of sections and axes; empty while no place has a size
 * @param verdict the worst of sizes and form
 */
public record RoundJudgement(
        int number,
        Optional<Length> asked,
        List<PlaceJudgement> places,
        List<PlaceJudgement> wanting,
        SizeVerdict sizes,
        Optional<PlaceJudgement> deciding,
        Optional<MeasuredForm> form,
        SizeVerdict verdict) {
    /** "As found", before anything was read in it. */
    static RoundJudgement notYetRead(JudgedFeature feature, Part part, Evidence evidence) {
        return of(feature, part, evidence, 0, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** @param before what it came to under the same rules before more was read: a place with no more keeps what it came to */
    static RoundJudgement of(
            JudgedFeature feature,
            Part part,
            Evidence evidence,
            MeasuringRound round,
            Optional<RoundJudgement> before) {
        return of(feature, part, evidence, round.number(), round.asked(), Optional.of(round), before);
    }

    private static RoundJudgement of(
            JudgedFeature feature,
            Part part,
            Evidence evidence,
            int number,
            Optional<Length> asked,
            Optional<MeasuringRound> round,
            Optional<RoundJudgement> before) {
        List<PlaceJudgement> asRead = feature.feature().places(part).stream()
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
        Optional<MeasuredForm> form = form(feature, part, places);
        boolean isWhole = places.stream()
                .allMatch(place ->
                        place.value().value().isPresent() || place.skip().isPresent());
        // While metal is left the next cut makes the form anew; while places are missing it is drawn, but not judged.
        SizeVerdict verdict = form.filter(of -> isWhole && worst != SizeVerdict.METAL_LEFT)
                .flatMap(MeasuredForm::verdict)
                .map(ofForm -> SizeVerdict.worstOf(List.of(worst, ofForm)))
                .orElse(worst);
        List<PlaceJudgement> wanting =
                places.stream().filter(PlaceJudgement::wantsReading).toList();
        return new RoundJudgement(number, asked, places, wanting, worst, deciding, form, verdict);
    }

    private static Optional<MeasuredForm> form(JudgedFeature feature, Part part, List<PlaceJudgement> places) {
        if (!feature.planned().kind().canBeCut()) {
            return Optional.empty();
        }
        List<FormPlace> measured = places.stream()
                .flatMap(place -> place.measured(feature.feature().limitsStep()).stream())
                .toList();
        Job job = feature.judging().job();
        return MeasuredForm.of(
                feature.planned(),
                feature.feature().places(part),
                measured,
                new Schools(feature.judging().rule(), job.choiceOf(Setting.TAPER), job.cleanUp()));
    }

    /** Whether the form is worse than any size. */
    boolean isDecidedByForm() {
        return verdict != sizes;
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
        if (isDecidedByForm()) {
            // Where its form is lost, on the side that wear leads to.
            return !verdict.isLost() ? Side.NEITHER : form.orElseThrow().wears() == Wears.LARGER ? Side.HIGH : Side.LOW;
        }
        return deciding.map(PlaceJudgement::side).orElse(Side.NEITHER);
    }

    /** Where the next reading is wanted, in the plan's order. */
    Optional<PlaceJudgement> wanted() {
        return wanting.stream().findFirst();
    }

    /** Whether anything that counts was read. */
    public boolean isBegun() {
        return places.stream().anyMatch(place -> !place.standing().isEmpty());
    }

    /** The size of the feature in this round: the mean of its places once each has a value. */
    public Optional<Length> size() {
        List<Length> values = values();
        return values.size() == places.size() && !values.isEmpty()
                ? Optional.of(Length.meanOf(values))
                : Optional.empty();
    }

    /** Of the places that have one. */
    public List<Length> values() {
        return places.stream().flatMap(place -> place.value().value().stream()).toList();
    }
}
