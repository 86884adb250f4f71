package jawread.server.choosing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import jawread.core.gauge.ChoiceSchool;
import jawread.core.gauge.Choosing;
import jawread.core.gauge.Question;
import jawread.core.gauge.Question.About;
import jawread.core.gauge.Remedy;
import jawread.core.heat.Material;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.plan.PlannedFeature;
import jawread.core.walk.Place;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.job.Job;
import jawread.server.job.Plan;
import jawread.server.settings.Setting;

/**
 * The methods of one plan at one moment.
 *
 * @param picks by the feature's key: the method's key
 * @param material of the parts
 * @param measured how warm part and gauge are; empty where nobody measured
 * @param weighing how methods are weighed for what is asked: a long plan asks the same again and again, four seats of one size on twelve parts
 */
public record MethodsOfPlan(
        AtHand atHand,
        Map<UUID, String> picks,
        Plan plan,
        Material material,
        Optional<Temperatures> measured,
        Function<Choosing, List<Weighed>> weighing) {
    /** The same at temperatures that were measured. */
    public MethodsOfPlan at(Temperatures measured) {
        return new MethodsOfPlan(atHand, picks, plan, material, Optional.of(measured), weighing);
    }

    public Job job() {
        return plan.job();
    }

    /** Every method weighed, the proposed one first; none for what is looked at, and where nothing is demanded yet. */
    public List<Weighed> weigh(PlannedFeature feature) {
        return choosing(feature).map(weighing).orElse(List.of());
    }

    /** What it is measured with, if anything of the drawer can be put to it. */
    public Optional<Weighed> inForce(UUID key, PlannedFeature feature) {
        return inForce(key, weigh(feature));
    }

    /** The one picked, if it can be put to the feature at all; else the proposed one, if any can. */
    public Optional<Weighed> inForce(UUID key, List<Weighed> weighed) {
        String pick = picks.getOrDefault(key, "");
        return weighed.stream()
                .filter(each -> each.choice().fitness().canMeasure())
                .filter(each -> each.method().key().equals(pick))
                .findFirst()
                .or(() -> weighed.stream()
                        .filter(each -> each.choice().fitness().canMeasure())
                        .findFirst());
    }

    /** What it would take for one of them to be good, the cheapest first. */
    public List<Remedy> remedies(PlannedFeature feature, Weighed weighed) {
        return choosing(feature)
                .map(choosing -> atHand.remedies(choosing, weighed.choice(), material))
                .orElse(List.of());
    }

    private Optional<Choosing> choosing(PlannedFeature feature) {
        if (!feature.canBeMeasured()) {
            return Optional.empty();
        }
        Limits limits = feature.judgedBy().orElseThrow();
        List<Place> places = feature.places().map(of -> of.measurable()).orElse(List.of());
        Optional<Length> deepest = feature.kind().isHole()
                ? places.stream()
                        .flatMap(place -> place.depth().stream())
                        .map(depth -> fromNearerEnd(depth, feature))
                        .max(Length::compareTo)
                : Optional.empty();
        return Optional.of(new Choosing(
                feature.kind(),
                job().unit(),
                limits.stated(),
                Length.meanOf(limits.stated()),
                questions(feature),
                deepest,
                places.size(),
                job().repeatSchool(),
                ChoiceSchool.of(job().choiceOf(Setting.GAUGE_CHOICE)).orElseThrow(),
                atHand.warmth(material, measured)));
    }

    /** A barrel or a bush is open at both ends, and is measured from the nearer one. */
    private Length fromNearerEnd(Length depth, PlannedFeature feature) {
        return feature.lies()
                .filter(lies -> plan.shape().isOpenAtBothEnds())
                .map(lies -> lies.length().minus(depth))
                .filter(other -> other.compareTo(depth) < 0)
                .orElse(depth);
    }

    private static List<Question> questions(PlannedFeature feature) {
        var questions = new ArrayList<Question>();
        feature.toSplit().ifPresent(zone -> questions.add(new Question(About.SIZE, zone)));
        feature.outOfRound().ifPresent(limit -> questions.add(new Question(About.OUT_OF_ROUND, limit.asDifference())));
        feature.taper().ifPresent(limit -> questions.add(new Question(About.TAPER, limit.asDifference())));
        return questions;
    }
}
