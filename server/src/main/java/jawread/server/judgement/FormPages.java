package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.Inspection;
import jawread.core.assess.MeasuredForm;
import jawread.core.assess.RoundAssessment;
import jawread.core.form.Runout;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.SizeGrades;
import jawread.server.form.FormView;
import jawread.server.form.FormView.FormInFullView;
import jawread.server.form.StoryWords;
import jawread.server.form.StoryWords.Beside;
import jawread.server.job.Part;
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
    Optional<FormView> of(FeatureAssessment feature, Part part, List<Inspection> inspections) {
        return seen(feature)
                .map(form -> stories.of(
                        form,
                        beside(form, feature, part, inspections),
                        part.job().unit()));
    }

    /** What that rests on; empty with fewer than two sizes. */
    Optional<FormInFullView> inFull(FeatureAssessment feature, Part part, List<Inspection> inspections) {
        return seen(feature)
                .map(form -> stories.inFull(
                        form,
                        beside(form, feature, part, inspections),
                        part.job().unit()));
    }

    private static Optional<MeasuredForm> seen(FeatureAssessment feature) {
        return feature.inForce().form().filter(MeasuredForm::isSeen);
    }

    private static Beside beside(
            MeasuredForm form, FeatureAssessment feature, Part part, List<Inspection> inspections) {
        RoundAssessment round = feature.inForce();
        return new Beside(
                round.sizes(),
                missing(feature, round),
                form.canWear() ? Inspection.earlier(feature, inspections) : Map.of(),
                stamped(feature, part.mark()),
                part.job().choiceOf(Setting.OUT_OF_ROUND));
    }

    /** Places no gauge gets to, and those passed over. */
    private static List<String> missing(FeatureAssessment feature, RoundAssessment round) {
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
    private static Optional<String> stamped(FeatureAssessment feature, String mark) {
        return feature.of().planned().grades().map(SizeGrades::grades).orElse(List.of()).stream()
                .map(SizeGrades.Grade::stamp)
                .filter(stamp -> mark.equals(stamp) || mark.endsWith(" " + stamp))
                .findFirst();
    }

    /** How far the axis is bent, of an indicator's largest less smallest; empty for any other feature. */
    Optional<String> runout(FeatureAssessment feature, LengthUnit unit) {
        return feature.bend().map(bend -> {
            Runout runout = bend.runout();
            Length step = bend.worst()
                    .resolution()
                    .orElse(feature.feature().limitsStep())
                    .dividedBy(2);
            return words.say(
                    "form.runout" + (runout.bends().size() == 1 ? ".one" : ""),
                    Map.of(
                            "tir", figures.exactly(runout.largest(), unit),
                            "bend", figures.rounded(runout.bends().get(runout.worst()), unit, step),
                            "place", bend.worst().place().name()));
        });
    }
}
