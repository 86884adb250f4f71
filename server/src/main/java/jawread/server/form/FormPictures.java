package jawread.server.form;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.assess.FormFigure;
import jawread.core.assess.FormPlace;
import jawread.core.assess.MeasuredForm;
import jawread.core.assess.MeasuredForm.Level;
import jawread.core.form.AxisForm;
import jawread.core.form.Ellipse;
import jawread.core.form.FormSizes;
import jawread.core.form.OutOfRound;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.walk.Axis;
import jawread.core.walk.KeepClear;
import jawread.server.form.FormPictureView.AroundView;
import jawread.server.form.FormPictureView.DownView;
import jawread.server.form.FormPictureView.EllipseView;
import jawread.server.form.FormPictureView.KeptClearView;
import jawread.server.form.FormPictureView.LevelView;
import jawread.server.form.FormPictureView.ThirdAxisView;
import jawread.server.form.FormPictureView.WallView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What the pictures of a measured form are drawn from, each with the same in words. */
@Component
public class FormPictures {
    private static final long PICOMETRES = LengthUnit.MICROMETRE.picometres();

    private final FormWords form;
    private final Figures figures;
    private final Words words;

    FormPictures(FormWords form, Figures figures, Words words) {
        this.form = form;
        this.figures = figures;
        this.words = words;
    }

    /** What its pictures are drawn from. */
    public FormPictureView of(MeasuredForm measured, LengthUnit unit) {
        return new FormPictureView(
                measured.planned().typed().round(),
                measured.wears() == Wears.LARGER,
                measured.planned()
                        .lies()
                        .map(lies -> lies.length().picometres())
                        .orElse(null),
                IntStream.range(0, measured.levels().size())
                        .mapToObj(section -> level(measured, section, unit))
                        .toList(),
                IntStream.range(0, measured.axes().size())
                        .mapToObj(axis -> wall(measured, axis, unit))
                        .filter(wall -> !wall.points().isEmpty())
                        .toList(),
                measured.planned()
                        .places()
                        .map(places ->
                                places.bands().stream().map(FormPictures::band).toList())
                        .orElse(List.of()),
                thirdAxis(measured, unit).orElse(null));
    }

    private static KeptClearView band(KeepClear band) {
        return new KeptClearView(band.from().picometres(), band.to().picometres(), band.what());
    }

    private LevelView level(MeasuredForm measured, int section, LengthUnit unit) {
        Level level = measured.levels().get(section);
        List<AroundView> points = measured.sizes().around(section).stream()
                .map(at -> {
                    FormPlace place = placeAt(measured, at);
                    Axis axis = measured.axes().get(at.axis());
                    return new AroundView(place.place().id(), axis.name(), axis.degrees(), size(place, measured, unit));
                })
                .toList();
        var longAxis = measured.longAxis(section);
        return new LevelView(
                level.name(),
                points,
                measured.form()
                        .around()
                        .get(section)
                        .ellipse()
                        .map(FormPictures::ellipse)
                        .orElse(null),
                longAxis.isPresent() ? longAxis.getAsDouble() : null,
                aroundSaid(measured, section, unit));
    }

    private static FormPlace placeAt(MeasuredForm measured, FormSizes.At at) {
        return measured.places().get(at.section()).get(at.axis()).orElseThrow();
    }

    private LengthText size(FormPlace place, MeasuredForm measured, LengthUnit unit) {
        return figures.computed(
                place.size(),
                unit,
                place.resolution(),
                measured.planned().judgedBy().map(limits -> limits.stated()).orElse(List.of()));
    }

    private static EllipseView ellipse(Ellipse ellipse) {
        return new EllipseView(ellipse.mean().picometres(), ellipse.cosine() * PICOMETRES, ellipse.sine() * PICOMETRES);
    }

    private String aroundSaid(MeasuredForm measured, int section, LengthUnit unit) {
        OutOfRound around = measured.form().around().get(section);
        if (around.difference().isEmpty()) {
            return words.say("form.around.one");
        }
        FormFigure figure = figureAround(measured, section);
        String direction = form.direction(measured, section)
                .map(said -> words.say("form.around.direction", Map.of("direction", said)))
                .orElse("");
        return figure.isSeen()
                ? words.say(
                        "form.around.oval",
                        Map.of("by", form.inUnit(figure.decision().figure(), measured, unit), "direction", direction))
                : words.say(
                        around.isCrossed() ? "form.around.unseen.crossed" : "form.around.unseen",
                        Map.of("seen", form.inUnit(figure.decision().seen(), measured, unit)));
    }

    /** The fit where there is one: it sees an oval that lies between the axes. */
    private static FormFigure figureAround(MeasuredForm measured, int section) {
        return measured.figures().stream()
                .filter(figure -> figure.what().isAround() && figure.at() == section)
                .reduce((difference, fit) -> fit)
                .orElseThrow();
    }

    private WallView wall(MeasuredForm measured, int axis, LengthUnit unit) {
        Axis across = measured.axes().get(axis);
        return new WallView(
                across.name(),
                across.degrees(),
                measured.sizes().down(axis).stream()
                        .map(at -> {
                            FormPlace place = placeAt(measured, at);
                            Level level = measured.levels().get(at.section());
                            return new DownView(
                                    place.place().id(),
                                    level.name(),
                                    level.depth().map(Length::picometres).orElse(null),
                                    size(place, measured, unit));
                        })
                        .toList(),
                downSaid(measured, axis, unit));
    }

    /** Shape, taper and, where the depths are known, slope and angle. */
    private String downSaid(MeasuredForm measured, int axis, LengthUnit unit) {
        AxisForm down = measured.form().down().get(axis);
        if (down.shape().isEmpty()) {
            return words.say("form.down.one");
        }
        String said = words.say(
                "form.down." + down.shape().get().code(),
                Map.of(
                        "by", form.inUnit(down.taper().orElseThrow(), measured, unit),
                        "seen", form.inUnit(down.threshold(), measured, unit),
                        "first",
                                form.named(measured.levels()
                                        .get(firstMeasured(measured, axis))
                                        .name()),
                        "last",
                                form.named(measured.levels()
                                        .get(lastMeasured(measured, axis))
                                        .name())));
        if (down.slope().isEmpty()
                || down.taper().orElseThrow().compareTo(down.threshold()) <= 0
                || measured.length().isEmpty()) {
            return said;
        }
        return said + " "
                + words.say(
                        "form.down.slope",
                        Map.of(
                                "slope", figures.number(rounded(down.slope().getAsDouble(), 3)),
                                "over",
                                        form.inUnit(
                                                down.over(measured.length().get())
                                                        .orElseThrow(),
                                                measured,
                                                unit),
                                "length", figures.exactly(measured.length().get(), unit),
                                "angle",
                                        figures.number(
                                                rounded(down.includedAngle().getAsDouble(), 3))));
    }

    private static int firstMeasured(MeasuredForm measured, int axis) {
        return measured.sizes().down(axis).get(0).section();
    }

    private static int lastMeasured(MeasuredForm measured, int axis) {
        List<FormSizes.At> down = measured.sizes().down(axis);
        return down.get(down.size() - 1).section();
    }

    private static BigDecimal rounded(double figure, int digits) {
        BigDecimal exact = BigDecimal.valueOf(figure);
        return exact.signum() == 0
                ? exact
                : exact.setScale(digits - exact.precision() + exact.scale(), RoundingMode.HALF_EVEN);
    }

    private Optional<ThirdAxisView> thirdAxis(MeasuredForm measured, LengthUnit unit) {
        return measured.thirdAxis().map(axis -> {
            List<String> sections =
                    measured.wantThirdAxis().stream().map(Level::name).toList();
            return new ThirdAxisView(
                    axis.degrees(),
                    sections,
                    words.say(
                            "form.third-axis",
                            Map.of(
                                    "range", form.inUnit(measured.criticalRange(), measured, unit),
                                    "axis", axis.name(),
                                    "sections", String.join(", ", sections))));
        });
    }
}
