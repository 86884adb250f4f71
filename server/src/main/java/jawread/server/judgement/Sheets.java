package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.GoTogether;
import jawread.core.assess.Reading;
import jawread.core.assess.RoundAssessment;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.access.People;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.GaugeState;
import jawread.server.job.Job;
import jawread.server.job.LimitsWords;
import jawread.server.job.LivesWords;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.judgement.SheetView.ChangedView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.JobView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.judgement.SheetView.ShortEntryView;
import jawread.server.judgement.SheetView.TakenBackView;
import jawread.server.measure.CountsAgain;
import jawread.server.measure.LastDigits;
import jawread.server.measure.Rounds;
import jawread.server.measure.TakenAt;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the sheet of a feature. */
@Service
public class Sheets {
    /** @param feature its edition @param reworked how far from new the size lies that a part was reworked to */
    private record Drawn(long feature, LengthUnit unit, Optional<Length> reworked) {}

    private static final Kind<Drawn, FeatureView> DRAWN = Kind.small("feature drawn");

    private final Snapshots snapshots;
    private final Drawer drawer;
    private final PlansInForce plans;
    private final FeatureMethods methods;
    private final Judgements judgements;
    private final WorkLeft work;
    private final RoundWords rounds;
    private final PartWords partWords;
    private final CheckReminders checks;
    private final SpokenWords spoken;
    private final LimitsWords limits;
    private final CountsAgain again;
    private final Rounds opened;
    private final WhichPart which;
    private final People people;
    private final UnderPlanWords underPlan;
    private final LivesWords lives;
    private final LastDigits lastDigits;
    private final MadeWays made;
    private final Figures figures;
    private final Words words;

    Sheets(
            Snapshots snapshots,
            Drawer drawer,
            PlansInForce plans,
            FeatureMethods methods,
            Judgements judgements,
            WorkLeft work,
            RoundWords rounds,
            PartWords partWords,
            CheckReminders checks,
            SpokenWords spoken,
            LimitsWords limits,
            CountsAgain again,
            Rounds opened,
            WhichPart which,
            People people,
            UnderPlanWords underPlan,
            LivesWords lives,
            LastDigits lastDigits,
            MadeWays made,
            Figures figures,
            Words words) {
        this.snapshots = snapshots;
        this.drawer = drawer;
        this.plans = plans;
        this.methods = methods;
        this.judgements = judgements;
        this.work = work;
        this.rounds = rounds;
        this.partWords = partWords;
        this.checks = checks;
        this.spoken = spoken;
        this.limits = limits;
        this.again = again;
        this.opened = opened;
        this.which = which;
        this.people = people;
        this.underPlan = underPlan;
        this.lives = lives;
        this.lastDigits = lastDigits;
        this.made = made;
        this.figures = figures;
        this.words = words;
    }

    /**
     * What a reading came to. Empty where it is not of the round in force, and where something else was done since: then only the whole sheet
     * tells what stands now.
     */
    @Transactional(readOnly = true)
    public Optional<ToldView> told(TakenAt at) {
        Part part = at.part();
        var plan = judgements.of(plans.judging(part.plan(), at.feature()), plans.partsOf(part.plan()));
        FeatureAssessment judged = plan.of(part, at.feature());
        RoundAssessment round = judged.inForce();
        Optional<PlaceView> place = round.places().stream()
                .filter(each -> each.place().id() == at.place().id() && round.number() == at.round())
                .findFirst()
                .map(each -> rounds.place(each, judged, plan.job()));
        return place.flatMap(of -> spoken.of(at.reading(), of, judged)
                .map(say -> new ToldView(
                        part.id(),
                        at.feature().id(),
                        round.number(),
                        of,
                        RoundWords.at(round),
                        rounds.verdict(round, judged, plan.job()),
                        partWords.next(Optional.of(part), plan).orElse(null),
                        say)));
    }

    /** Refuses an unknown part or feature with 404. */
    @Transactional(readOnly = true)
    public SheetView of(long partId, long featureId) {
        Part part = plans.part(partId);
        return of(part, plans.featureOf(part, featureId));
    }

    /** @param edition of a feature: what was read under it is judged by the one in force */
    @Transactional(readOnly = true)
    public SheetView of(Part part, Feature edition) {
        List<Part> parts = plans.partsOf(part.plan());
        // The plan may have gone on without this feature, or with another kind of size: what was read stays with its
        // own.
        PlanRevision revision = plans.judging(part.plan(), edition);
        Feature feature = plans.judged(part.plan(), edition);
        var plan = judgements.of(revision, parts);
        FeatureAssessment judged = plan.of(part, feature);
        Job job = plan.job();
        MethodsOfPlan methodsOf = methods.of(part.plan(), Optional.empty());
        Optional<GaugeAndReader> gauge = gauge(judged, methodsOf);
        Optional<GoTogether> together = GoTogether.of(judged, plan.of(part));
        List<RoundView> roundViews = judged.rounds().stream()
                .map(round -> rounds.of(
                        round,
                        judged,
                        part.plan(),
                        round.number() == 0 ? Optional.empty() : opened.cutOf(part, feature, round.number()),
                        together))
                .toList();
        List<FeatureView> features = plan.of(part).features().stream()
                .map(each -> feature(each, job))
                .toList();
        return new SheetView(
                job(job),
                part.plan().id(),
                part.plan().shape().code(),
                changed(part, feature, revision).orElse(null),
                again.of(part).orElse(null),
                which.asks(part).orElse(null),
                takenBack(part, feature),
                underPlan.of(judged, part, plan),
                partWords.part(part, plan),
                parts.stream().map(each -> partWords.part(each, plan)).toList(),
                features,
                features.stream()
                        .filter(each -> each.id() == feature.id())
                        .findFirst()
                        .orElseThrow(),
                roundViews,
                gauge.map(GaugeAndReader::key).orElse(null),
                gauge.flatMap(of -> checks.atStart(of, feature, plan)).orElse(null),
                work.of(part, plan, methodsOf).orElse(null),
                quickWith(judged, methodsOf, gauge).orElse(null),
                gauge.flatMap(of -> lastDigits.after(judged.log(), of).map(entry -> ShortEntryView.of(of, entry)))
                        .orElse(null),
                made.of(judged).orElse(null),
                partWords.next(Optional.of(part), plan).orElse(null),
                spoken.of(judged, roundViews.get(roundViews.size() - 1)));
    }

    private List<TakenBackView> takenBack(Part part, Feature feature) {
        return opened.takenBack(part, feature).stream()
                .map(each -> new TakenBackView(
                        each.cut(),
                        words.say(
                                "cut."
                                        + each.kind()
                                                .name()
                                                .toLowerCase(Locale.ROOT)
                                                .replace('_', '-'),
                                Map.of("person", people.nameOf(each.person()), "reason", each.reason()))))
                .toList();
    }

    private Optional<GaugeAndReader> gauge(FeatureAssessment judged, MethodsOfPlan methodsOf) {
        Feature feature = judged.feature();
        Optional<GaugeAndReader> last = judged.rounds().stream()
                .flatMap(round -> round.places().stream())
                .flatMap(place -> place.readings().stream())
                .max(Comparator.comparingLong(Reading::seq))
                .flatMap(reading -> methodsOf.atHand().methods().stream()
                        .filter(method -> method.key().equals(reading.with().key()))
                        .findFirst())
                .filter(GaugeAndReader::mayMeasure);
        return last.or(() -> methodsOf.inForce(feature.key(), feature.planned()).map(Weighed::method));
    }

    /** The quickest caliper that can be put to it, other than what it is measured with. */
    private Optional<String> quickWith(
            FeatureAssessment judged, MethodsOfPlan methodsOf, Optional<GaugeAndReader> gauge) {
        return methodsOf.weigh(judged.of().planned()).stream()
                .filter(each -> each.choice().fitness().canMeasure())
                .map(Weighed::method)
                .filter(method -> method.gauge().kind().isCaliper())
                .filter(method -> gauge.stream()
                        .noneMatch(of -> of.read().id() == method.read().id()))
                // One whose calibration has run out only where there is no other; in the unit that is at hand.
                .min(Comparator.<GaugeAndReader, Boolean>comparing(
                                method -> drawer.stateOf(method.read()) == GaugeState.DUE)
                        .thenComparing(method ->
                                method.read().unit() != methodsOf.job().unit()))
                .map(GaugeAndReader::key);
    }

    JobView job(Job job) {
        return new JobView(
                job.id(),
                job.name(),
                job.about(),
                job.limitsSource(),
                job.unit().symbol(),
                job.demonstration(),
                lives.of(job).orElse(null));
    }

    /** An edition of a feature is put into figures once: of a long plan there are hundreds, and only the verdict changes. */
    FeatureView feature(FeatureAssessment judged, Job job) {
        return snapshots
                .of(
                        DRAWN,
                        new Drawn(judged.feature().id(), job.unit(), judged.reworked()),
                        List.of(Subject.SHOP),
                        () -> withoutVerdict(judged, job.unit()))
                .with(partWords.verdict(judged));
    }

    private FeatureView withoutVerdict(FeatureAssessment judged, LengthUnit unit) {
        Feature feature = judged.feature();
        Length step = feature.limitsStep();
        return new FeatureView(
                feature.id(),
                feature.key(),
                feature.name(),
                feature.kind().code(),
                feature.diameter(),
                limits.of(judged.of().limits(), unit, step),
                judged.of()
                        .demand()
                        .service()
                        .map(service -> figures.reading(service.length(), unit, step))
                        .orElse(null),
                feature.starts().map(at -> figures.reading(at, unit, step)).orElse(null),
                feature.length()
                        .map(along -> figures.reading(along, unit, step))
                        .orElse(null),
                feature.places().stream()
                        .flatMap(place -> place.depth().stream())
                        .map(Length::picometres)
                        .distinct()
                        .toList(),
                judged.of().planned().stepsFromNew().stream()
                        .map(to -> rounds.step(to, unit))
                        .toList(),
                judged.reworked().map(to -> rounds.step(to, unit)).orElse(null),
                Optional.of(judged.of().planned().typed().number())
                        .filter(number -> !number.isEmpty())
                        .orElse(null),
                partWords.verdict(judged));
    }

    /** A word about a plan that says something else of this feature by now, with where it stands. */
    private Optional<ChangedView> changed(Part part, Feature feature, PlanRevision revision) {
        PlanRevision newest = plans.newest(part.plan());
        if (newest.id() == revision.id()) {
            return Optional.empty();
        }
        Optional<Feature> now = newest.sizes().stream()
                .filter(each -> each.key().equals(feature.key()))
                .findFirst();
        return Optional.of(new ChangedView(
                now.map(Feature::id).orElse(null),
                words.say(
                        now.isPresent() ? "plan.feature-other-kind" : "plan.feature-gone",
                        Map.of("was", revision.number(), "is", newest.number()))));
    }
}
