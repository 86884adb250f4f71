package jawread.core.assess;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.FormFigure.What;
import jawread.core.form.AxisForm;
import jawread.core.form.FeatureForm;
import jawread.core.form.FormDecision;
import jawread.core.form.OutOfRound;
import jawread.core.judge.NoiseRange;
import jawread.core.length.Length;
import jawread.core.limit.FormLimit;
import jawread.core.plan.PlannedFeature;

/** The figures of a form, each held against its limit. */
final class FormFigures {
    private final PlannedFeature planned;
    private final FeatureForm form;
    private final Optional<Length> length;
    private final Rules rules;
    private final double placeDeviation;
    /** The same for each figure. */
    private final Length guard;
    /** By the count of places: most figures are of as many. */
    private final Map<Integer, Length> seen = new HashMap<>();

    /**
     * @param length of the feature, that a slope is told over; empty where nobody knows it
     * @param placeDeviation u_place in µm
     */
    FormFigures(PlannedFeature planned, FeatureForm form, Optional<Length> length, Rules rules, double placeDeviation) {
        this.planned = planned;
        this.form = form;
        this.length = length;
        this.rules = rules;
        this.placeDeviation = placeDeviation;
        this.guard = FormDecision.guardOf(placeDeviation);
    }

    List<FormFigure> all() {
        var figures = new ArrayList<FormFigure>();
        if (planned.typed().round()) {
            form.around().forEach(around -> around(around, figures));
        }
        form.down().forEach(down -> down(down, figures));
        int places = form.around().stream().mapToInt(OutOfRound::axes).sum();
        if (places > 1) {
            figures.add(
                    new FormFigure(What.SPREAD, 0, decided(form.spread(), places, Optional.empty()), Optional.empty()));
        }
        return List.copyOf(figures);
    }

    private FormDecision decided(Length figure, int places, Optional<FormLimit> limit) {
        return FormDecision.of(
                rules.decision(),
                figure,
                guard,
                seen.computeIfAbsent(places, count -> NoiseRange.of(count, placeDeviation)),
                limit);
    }

    private void around(OutOfRound around, List<FormFigure> figures) {
        around.difference()
                .ifPresent(difference -> figures.add(new FormFigure(
                        What.OUT_OF_ROUND,
                        around.section(),
                        decided(difference, around.axes(), planned.outOfRound()),
                        planned.outOfRound())));
        around.fit()
                .ifPresent(fit -> figures.add(new FormFigure(
                        What.OVALITY,
                        around.section(),
                        FormDecision.of(rules.decision(), fit, planned.outOfRound(), placeDeviation),
                        planned.outOfRound())));
    }

    private void down(AxisForm down, List<FormFigure> figures) {
        taper(down)
                .ifPresent(taper -> figures.add(new FormFigure(
                        What.TAPER, down.axis(), decided(taper, down.places(), planned.taper()), planned.taper())));
    }

    /** The job's school; where the depths are not known there is no slope, and the largest difference stands. */
    private Optional<Length> taper(AxisForm down) {
        return switch (rules.taper()) {
            case END_TO_END -> down.endDifference().map(Length::abs);
            case SLOPE -> length.flatMap(down::over).map(Length::abs).or(down::taper);
            case LARGEST_DIFFERENCE -> down.taper();
        };
    }
}
