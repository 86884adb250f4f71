package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.form.Runout;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.SizeGrades;
import jawread.server.form.FormView;
import jawread.server.form.FormView.FormInFullView;
import jawread.server.form.MeasuredForm;
import jawread.server.form.StoryWords;
import jawread.server.form.StoryWords.Beside;
import jawread.server.job.Job;
import jawread.server.judgement.Inspections.Inspection;
import jawread.server.settings.Setting;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Makes what is said of a feature's form on the page of its part. */
@Component
class FormPages {
    private final StoryWords stories;
    private final Figures figures;
    private final Words words;

    FormPages(StoryWords stories, Figures figures, Words words) {
        this.stories = stories;
        this.figures = figures;
        this.words = words;
    }

    /** Empty with fewer than two sizes. @param inspections all of its part */
    Optional<FormView> of(FeatureJudgement feature, List<Inspection> inspections, Job job) {
        return seen(feature).map(form -> stories.of(form, beside(form, feature, inspections, job), job.unit()));
    }

    /** What that rests on; empty with fewer than two sizes. */
    Optional<FormInFullView> inFull(FeatureJudgement feature, List<Inspection> inspections, Job job) {
        return seen(feature).map(form -> stories.inFull(form, beside(form, feature, inspections, job), job.unit()));
    }

    private static Optional<MeasuredForm> seen(FeatureJudgement feature) {
        return feature.inForce().form().filter(MeasuredForm::isSeen);
    }

    private static Beside beside(MeasuredForm form, FeatureJudgement feature, List<Inspection> inspections, Job job) {
        RoundJudgement round = feature.inForce();
        return new Beside(
                round.sizes(),
                missing(feature, round),
                form.canWear() ? Inspections.earlier(feature, inspections) : Optional.empty(),
                stamped(feature),
                job.choiceOf(Setting.OUT_OF_ROUND));
    }

    /** Places no gauge gets to, and those passed over. */
    private static List<String> missing(FeatureJudgement feature, RoundJudgement round) {
        return Stream.concat(
                        feature.feature().allPlaces().stream()
                                .flatMap(place ->
                                        place.cannotBeMeasured().map(why -> place.name() + " (" + why + ")").stream()),
                        round.places().stream()
                                .flatMap(
                                        place -> place
                                                .skip()
                                                .map(skip -> place.place().name() + " (" + skip.reason() + ")")
                                                .stream()))
                .toList();
    }

    /** The grade that ends what is written on the part. */
    private static Optional<String> stamped(FeatureJudgement feature) {
        return feature.of().planned().grades().map(SizeGrades::grades).orElse(List.of()).stream()
                .map(SizeGrades.Grade::stamp)
                .filter(stamp -> feature.part().mark().equals(stamp)
                        || feature.part().mark().endsWith(" " + stamp))
                .findFirst();
    }

    /** How far the axis is bent, of an indicator's largest less smallest; empty for any other feature. */
    Optional<String> runout(FeatureJudgement feature, LengthUnit unit) {
        List<PlaceJudgement> read = feature.inForce().places().stream()
                .filter(place -> place.value().value().isPresent())
                .toList();
        if (feature.feature().kind() != FeatureKind.RUNOUT || read.isEmpty()) {
            return Optional.empty();
        }
        var runout = new Runout(
                read.stream().map(place -> place.value().value().orElseThrow()).toList());
        PlaceJudgement worst = read.get(runout.worst());
        Length step = worst.resolution().orElse(feature.feature().limitsStep()).dividedBy(2);
        return Optional.of(words.say(
                "form.runout" + (read.size() == 1 ? ".one" : ""),
                Map.of(
                        "tir", figures.exactly(runout.largest(), unit),
                        "bend", figures.rounded(runout.bends().get(runout.worst()), unit, step),
                        "place", worst.place().name())));
    }
}
