package jawread.server.drawer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.judge.PeopleStudy;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.access.People;
import jawread.server.drawer.GaugePageView.StudyView;
import jawread.server.drawer.GaugePageView.TrialResultView;
import jawread.server.drawer.GaugePageView.TrialView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts trials and studies into figures and words. */
@Component
class TrialWords {
    /** Shares of a tolerance that people who study measuring go by. */
    private static final double WELL = 10;

    private static final double PERHAPS = 30;

    private final Drawer drawer;
    private final People people;
    private final Figures figures;
    private final Words words;

    TrialWords(Drawer drawer, People people, Figures figures, Words words) {
        this.drawer = drawer;
        this.people = people;
        this.figures = figures;
        this.words = words;
    }

    TrialView of(Trial trial, Gauge gauge) {
        TrialResultView result =
                result(trial.result(), trial.readings(), drawer.masterById(trial.master()), trial.resolution(), gauge);
        return new TrialView(
                trial.id(),
                trial.at(),
                people.nameOf(trial.person()),
                words.say(
                        trial.result().isBiased()
                                ? trial.result().bias() > 0 ? "trial.so-much.large" : "trial.so-much.small"
                                : "trial.so-much",
                        Map.of("holds", result.holds().inBoth())),
                result);
    }

    /** What whoever made these trials holds with a gauge, by the last of them. @param young in the order of time */
    Optional<String> holds(Gauge gauge, List<Trial> young) {
        return young.stream()
                .filter(trial -> trial.gaugeId() == gauge.id())
                .reduce((before, after) -> after)
                .map(trial -> holds(trial, gauge));
    }

    private String holds(Trial trial, Gauge gauge) {
        return words.say(
                "trial.holds",
                Map.of(
                        "holds",
                        figures.significant(Length.nearest(trial.result().holds()), gauge.unit())
                                .inBoth()));
    }

    /** @param readings in the order taken @param resolution d of what was read */
    TrialResultView result(
            KnownSizeTrial trial, List<Length> readings, ShopMaster master, Length resolution, Gauge gauge) {
        LengthUnit unit = gauge.unit();
        LengthText holds = figures.significant(Length.nearest(trial.holds()), unit);
        return new TrialResultView(
                figures.significant(Length.nearest(trial.bias()), unit),
                figures.significant(Length.nearest(trial.spread(resolution)), unit),
                holds,
                trial.isBiased(),
                trial.readings(),
                readings.stream()
                        .map(reading -> figures.reading(reading.minus(master.size()), unit, resolution))
                        .toList(),
                words.say("trial.holds", Map.of("holds", holds.inBoth())),
                words.say(
                        trial.isBiased() ? "trial.biased" : "trial.unbiased",
                        Map.of(
                                "side", words.say(trial.bias() > 0 ? "trial.large" : "trial.small"),
                                "threshold",
                                        figures.significant(Length.nearest(trial.threshold()), unit)
                                                .inBoth())));
    }

    StudyView of(PeopleStudyKept study, Gauge gauge) {
        return new StudyView(
                study.id(),
                study.at(),
                study.name(),
                String.join(", ", study.people()),
                study(study.result(), study.tolerance(), gauge.unit()));
    }

    /** Share of the tolerance, sizes it can tell apart, and what the spread comes of. */
    String study(PeopleStudy study, Length tolerance, LengthUnit unit) {
        double percent = study.percentOf(tolerance);
        String verdict = words.say(percent <= WELL ? "study.well" : percent <= PERHAPS ? "study.perhaps" : "study.not");
        OptionalInt sizes = study.distinctSizes();
        String apart = sizes.isPresent()
                ? words.say("study.apart", Map.of("count", sizes.getAsInt()))
                : words.say("study.apart.any");
        return words.say(
                "study.said",
                Map.of(
                        "percent", Math.round(percent),
                        "tolerance", figures.exactly(tolerance, unit),
                        "verdict", verdict,
                        "apart", apart,
                        "same",
                                figures.significant(Length.nearest(study.repeatability()), unit)
                                        .withUnit(),
                        "people",
                                figures.significant(Length.nearest(study.reproducibility()), unit)
                                        .withUnit()));
    }
}
