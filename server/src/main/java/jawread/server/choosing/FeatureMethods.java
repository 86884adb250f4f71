package jawread.server.choosing;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.gauge.ChoiceSchool;
import jawread.core.gauge.Choosing;
import jawread.core.gauge.Question;
import jawread.core.gauge.Question.About;
import jawread.core.heat.Material;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.plan.PlannedFeature;
import jawread.core.walk.Place;
import jawread.server.access.Person;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.Methods;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Weighs the methods of the drawer for features, and keeps which one was picked. */
@Service
public class FeatureMethods {
    private static final double STEEL = 11.5;
    private final PickedMethodRepository picked;
    private final Methods methods;
    private final Jobs jobs;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    FeatureMethods(
            PickedMethodRepository picked,
            Methods methods,
            Jobs jobs,
            ShopSettings settings,
            Journal journal,
            Clock clock,
            Words words) {
        this.picked = picked;
        this.methods = methods;
        this.jobs = jobs;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /**
     * The methods of one plan at one moment.
     *
     * @param picks by the feature's key: the method's key
     * @param alpha of the part, in 1/K
     */
    public record OfPlan(AtHand atHand, Map<UUID, String> picks, Plan plan, double alpha) {
        public Job job() {
            return plan.job();
        }

        /** Every method weighed, the proposed one first; none for what is looked at, and where nothing is demanded yet. */
        public List<Weighed> weigh(PlannedFeature feature) {
            return choosing(feature).map(atHand::weigh).orElse(List.of());
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
                    atHand.warmth(alpha)));
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
            feature.zone()
                    .filter(zone -> !zone.isZero())
                    .ifPresent(zone -> questions.add(new Question(About.SIZE, zone)));
            feature.outOfRound()
                    .ifPresent(limit -> questions.add(new Question(About.OUT_OF_ROUND, limit.asDifference())));
            feature.taper().ifPresent(limit -> questions.add(new Question(About.TAPER, limit.asDifference())));
            return questions;
        }
    }

    /** @param person in whose hands; empty where nobody stands at the screen */
    @Transactional(readOnly = true)
    public OfPlan of(Plan plan, Optional<Person> person) {
        return of(plan, methods.atHand(person));
    }

    @Transactional(readOnly = true)
    public AtHand atHand(Optional<Person> person) {
        return methods.atHand(person);
    }

    /** For more plans than one, with what is at hand read once. */
    @Transactional(readOnly = true)
    public OfPlan of(Plan plan, AtHand atHand) {
        Map<UUID, String> picks = picked.findAllByPlanId(plan.id()).stream()
                .collect(Collectors.toMap(PickedMethod::featureKey, PickedMethod::key));
        return new OfPlan(atHand, picks, plan, alpha(plan.job()));
    }

    /** Where nobody has said what a part is of, it is reckoned as steel. */
    private double alpha(Job job) {
        return Material.called(job.head().material(), settings.ownMaterials())
                        .map(material -> material.perMillionKelvin().doubleValue())
                        .orElse(STEEL)
                / 1e6;
    }

    /**
     * Picks a method for a feature. Refuses one that cannot be put to it with 422 and why.
     *
     * @param key of the method; empty: the proposed one again
     */
    @Transactional
    public void pick(long planId, UUID feature, String key, PlannedFeature planned, Person person) {
        Plan plan = jobs.plan(planId);
        Optional<PickedMethod> before = picked.findByPlanIdAndFeatureKey(planId, feature);
        journal.write(plan.job().id(), What.PLAN);
        if (key.isEmpty()) {
            before.ifPresent(picked::delete);
            return;
        }
        Weighed wanted = of(plan, Optional.of(person)).weigh(planned).stream()
                .filter(each -> each.method().key().equals(key))
                .findFirst()
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-gauge", words.say("problem.no-such-gauge")));
        if (!wanted.choice().fitness().canMeasure()) {
            throw Refused.field("method", "method-not-fit", words);
        }
        PickedMethod now = before.orElseGet(() -> new PickedMethod(planId, feature));
        now.pick(wanted.method(), person, clock.instant());
        picked.save(now);
    }

    /** The method to measure a feature with: the picked one, else the proposed; empty when the drawer has none. */
    @Transactional(readOnly = true)
    public Optional<GaugeAndReader> inForce(Plan plan, UUID key, PlannedFeature planned) {
        OfPlan of = of(plan, Optional.empty());
        return of.inForce(key, planned).map(Weighed::method);
    }
}
