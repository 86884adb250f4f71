package jawread.server.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jawread.core.form.AxisForm;
import jawread.core.form.FeatureForm;
import jawread.core.form.FormDecision;
import jawread.core.form.OutOfRound;
import jawread.core.length.Length;
import jawread.core.plan.PlannedFeature;
import jawread.server.form.FormFigure.What;
import jawread.server.form.MeasuredForm.Schools;

/**
 * The figures of a form, each held against its limit.
 *
 * @param length of the feature, that a slope is told over; empty where nobody knows it
 * @param placeDeviation u_place in µm
 */
record FormFigures(
        PlannedFeature planned, FeatureForm form, Optional<Length> length, Schools schools, double placeDeviation) {
    List<FormFigure> all() {
        var figures = new ArrayList<FormFigure>();
        if (planned.typed().round()) {
            form.around().forEach(around -> around(around, figures));
        }
        form.down().forEach(down -> down(down, figures));
        int places = form.around().stream().mapToInt(OutOfRound::axes).sum();
        if (places > 1) {
            figures.add(new FormFigure(
                    What.SPREAD,
                    0,
                    FormDecision.of(schools.rule(), form.spread(), places, Optional.empty(), placeDeviation),
                    Optional.empty()));
        }
        return List.copyOf(figures);
    }

    private void around(OutOfRound around, List<FormFigure> figures) {
        around.difference()
                .ifPresent(difference -> figures.add(new FormFigure(
                        What.OUT_OF_ROUND,
                        around.section(),
                        FormDecision.of(
                                schools.rule(), difference, around.axes(), planned.outOfRound(), placeDeviation),
                        planned.outOfRound())));
        around.fit()
                .ifPresent(fit -> figures.add(new FormFigure(
                        What.OVALITY,
                        around.section(),
                        FormDecision.of(schools.rule(), fit, planned.outOfRound(), placeDeviation),
                        planned.outOfRound())));
    }

    private void down(AxisForm down, List<FormFigure> figures) {
        taper(down)
                .ifPresent(taper -> figures.add(new FormFigure(
                        What.TAPER,
                        down.axis(),
                        FormDecision.of(schools.rule(), taper, down.places(), planned.taper(), placeDeviation),
                        planned.taper())));
    }

    /** The job's school; where the depths are not known there is no slope, and the largest difference stands. */
    private Optional<Length> taper(AxisForm down) {
        return switch (schools.taper()) {
            case "end-to-end" -> down.endDifference().map(Length::abs);
            case "slope" -> length.flatMap(down::over).map(Length::abs).or(down::taper);
            default -> down.taper();
        };
    }
}
