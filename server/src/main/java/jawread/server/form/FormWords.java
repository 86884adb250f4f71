package jawread.server.form;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.form.AxisForm;
import jawread.core.form.FormDecision;
import jawread.core.form.FormSizes;
import jawread.core.form.OutOfRound;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FormLimit;
import jawread.core.walk.Axis;
import jawread.core.walk.KeepClear;
import jawread.server.form.FormPictureView.AroundView;
import jawread.server.form.FormPictureView.DownView;
import jawread.server.form.FormPictureView.EllipseView;
import jawread.server.form.FormPictureView.KeptClearView;
import jawread.server.form.FormPictureView.LevelView;
import jawread.server.form.FormPictureView.ThirdAxisView;
import jawread.server.form.FormPictureView.WallView;
import jawread.server.form.FormView.FormFigureView;
import jawread.server.form.MeasuredForm.Ellipse;
import jawread.server.form.MeasuredForm.Level;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts a measured form into figures and pictures. */
@Component
public class FormWords {
    /** Nearer to a named axis than this, a long axis lies across it. */
    private static final double ON_AXIS = 10;

    private static final double HALF_TURN = 180;
    private static final long PICOMETRES = LengthUnit.MICROMETRE.picometres();

    private final Figures figures;
    private final Words words;

    FormWords(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** What its pictures are drawn from. */
    public FormPictureView picture(MeasuredForm form, LengthUnit unit) {
        return new FormPictureView(
                form.planned().typed().round(),
                form.wears() == Wears.LARGER,
                form.planned().lies().map(lies -> lies.length().picometres()).orElse(null),
                IntStream.range(0, form.levels().size())
                        .mapToObj(section -> level(form, section, unit))
                        .toList(),
                IntStream.range(0, form.axes().size())
                        .mapToObj(axis -> wall(form, axis, unit))
                        .filter(wall -> !wall.points().isEmpty())
                        .toList(),
                form.planned()
                        .places()
                        .map(places ->
                                places.bands().stream().map(FormWords::band).toList())
                        .orElse(List.of()),
                thirdAxis(form, unit).orElse(null));
    }

    private static KeptClearView band(KeepClear band) {
        return new KeptClearView(band.from().picometres(), band.to().picometres(), band.what());
    }

    private LevelView level(MeasuredForm form, int section, LengthUnit unit) {
        Level level = form.levels().get(section);
        List<AroundView> points = form.sizes().around(section).stream()
                .map(at -> {
                    FormPlace place = placeAt(form, at);
                    Axis axis = form.axes().get(at.axis());
                    return new AroundView(place.place().id(), axis.name(), axis.degrees(), size(place, form, unit));
                })
                .toList();
        var longAxis = form.longAxis(section);
        return new LevelView(
                level.name(),
                points,
                form.ellipse(section).map(FormWords::ellipse).orElse(null),
                longAxis.isPresent() ? longAxis.getAsDouble() : null,
                aroundSaid(form, section, unit));
    }

    private static FormPlace placeAt(MeasuredForm form, FormSizes.At at) {
        return form.places().get(at.section()).get(at.axis()).orElseThrow();
    }

    private LengthText size(FormPlace place, MeasuredForm form, LengthUnit unit) {
        return figures.computed(
                place.size(),
                unit,
                place.resolution(),
                form.planned().judgedBy().map(limits -> limits.stated()).orElse(List.of()));
    }

    private static EllipseView ellipse(Ellipse ellipse) {
        return new EllipseView(ellipse.mean().picometres(), ellipse.cosine() * PICOMETRES, ellipse.sine() * PICOMETRES);
    }

    private String aroundSaid(MeasuredForm form, int section, LengthUnit unit) {
        OutOfRound around = form.form().around().get(section);
        if (around.difference().isEmpty()) {
            return words.say("form.around.one");
        }
        FormFigure figure = around(form, section);
        String direction = direction(form, section)
                .map(said -> words.say("form.around.direction", Map.of("direction", said)))
                .orElse("");
        return figure.isSeen()
                ? words.say(
                        "form.around.oval",
                        Map.of("by", inUnit(figure.decision().figure(), form, unit), "direction", direction))
                : words.say(
                        around.isCrossed() ? "form.around.unseen.crossed" : "form.around.unseen",
                        Map.of("seen", inUnit(figure.decision().seen(), form, unit)));
    }

    /** The fit where there is one: it sees an oval that lies between the axes. */
    static FormFigure around(MeasuredForm form, int section) {
        return form.figures().stream()
                .filter(figure -> figure.what().isAround() && figure.at() == section)
                .reduce((difference, fit) -> fit)
                .orElseThrow();
    }

    /** Where it is longest across, in words; empty where it has no direction. */
    Optional<String> direction(MeasuredForm form, int section) {
        var longAxis = form.longAxis(section);
        if (longAxis.isEmpty()) {
            return Optional.empty();
        }
        double degrees = longAxis.getAsDouble();
        return Optional.of(form.axes().stream()
                .filter(axis -> apart(degrees, axis.degrees().doubleValue()) < ON_AXIS)
                .findFirst()
                .map(axis -> words.say("form.long.axis", Map.of("axis", axis.name())))
                .orElseGet(() -> words.say("form.long.between", Map.of("degrees", Math.round(degrees)))));
    }

    private static double apart(double one, double other) {
        return Math.abs(Math.IEEEremainder(one - other, HALF_TURN));
    }

    private WallView wall(MeasuredForm form, int axis, LengthUnit unit) {
        Axis across = form.axes().get(axis);
        return new WallView(
                across.name(),
                across.degrees(),
                form.sizes().down(axis).stream()
                        .map(at -> {
                            FormPlace place = placeAt(form, at);
                            Level level = form.levels().get(at.section());
                            return new DownView(
                                    place.place().id(),
                                    level.name(),
                                    level.depth().map(Length::picometres).orElse(null),
                                    size(place, form, unit));
                        })
                        .toList(),
                downSaid(form, axis, unit));
    }

    /** Shape, taper and, where the depths are known, slope and angle. */
    private String downSaid(MeasuredForm form, int axis, LengthUnit unit) {
        AxisForm down = form.form().down().get(axis);
        if (down.shape().isEmpty()) {
            return words.say("form.down.one");
        }
        String said = words.say(
                "form.down." + down.shape().get().code(),
                Map.of(
                        "by", inUnit(down.taper().orElseThrow(), form, unit),
                        "seen", inUnit(down.threshold(), form, unit),
                        "first",
                                named(form.levels()
                                        .get(firstMeasured(form, axis))
                                        .name()),
                        "last",
                                named(form.levels()
                                        .get(lastMeasured(form, axis))
                                        .name())));
        if (down.slope().isEmpty()
                || down.taper().orElseThrow().compareTo(down.threshold()) <= 0
                || form.length().isEmpty()) {
            return said;
        }
        return said + " "
                + words.say(
                        "form.down.slope",
                        Map.of(
                                "slope", figures.number(rounded(down.slope().getAsDouble(), 3)),
                                "over", inUnit(down.over(form.length().get()).orElseThrow(), form, unit),
                                "length", figures.exactly(form.length().get(), unit),
                                "angle",
                                        figures.number(
                                                rounded(down.includedAngle().getAsDouble(), 3))));
    }

    private static int firstMeasured(MeasuredForm form, int axis) {
        return form.sizes().down(axis).get(0).section();
    }

    private static int lastMeasured(MeasuredForm form, int axis) {
        List<FormSizes.At> down = form.sizes().down(axis);
        return down.get(down.size() - 1).section();
    }

    private static BigDecimal rounded(double figure, int digits) {
        BigDecimal exact = BigDecimal.valueOf(figure);
        return exact.signum() == 0
                ? exact
                : exact.setScale(digits - exact.precision() + exact.scale(), RoundingMode.HALF_EVEN);
    }

    /** A section that is called by one plain word is "the top"; any other by its name. */
    String named(String section) {
        return section.matches("\\p{Ll}+") ? words.say("form.the", Map.of("section", section)) : section;
    }

    private Optional<ThirdAxisView> thirdAxis(MeasuredForm form, LengthUnit unit) {
        return form.thirdAxis().map(axis -> {
            List<String> sections =
                    form.wantThirdAxis().stream().map(Level::name).toList();
            return new ThirdAxisView(
                    axis.degrees(),
                    sections,
                    words.say(
                            "form.third-axis",
                            Map.of(
                                    "range", inUnit(form.criticalRange(), form, unit),
                                    "axis", axis.name(),
                                    "sections", String.join(", ", sections))));
        });
    }

    /** A figure of form, with its limit and how far this method sees. */
    List<FormFigureView> figures(MeasuredForm form, LengthUnit unit, String aroundAs) {
        var views = new ArrayList<FormFigureView>();
        for (FormFigure figure : form.figures()) {
            views.add(figure(figure, form, unit, aroundAs));
        }
        return List.copyOf(views);
    }

    private FormFigureView figure(FormFigure figure, MeasuredForm form, LengthUnit unit, String aroundAs) {
        FormDecision decision = figure.decision();
        Optional<Length> limit = figure.limit().map(FormLimit::asDifference);
        return new FormFigureView(
                words.say("form.figure." + figure.what().code()),
                where(figure, form),
                shown(decision.figure(), form, unit),
                limit.map(of -> shown(of, form, unit)).orElse(null),
                decision.word().map(word -> mark(word, form)).orElse(""),
                decision.word()
                        .map(word -> words.say("form.word." + word.code()))
                        .orElse(""),
                Stream.of(
                                roundness(figure, form, unit, aroundAs),
                                figure.isSeen()
                                        ? Optional.<String>empty()
                                        : Optional.of(words.say(
                                                "form.not-seen", Map.of("seen", inUnit(decision.seen(), form, unit)))),
                                limit.filter(of -> decision.cannotProve())
                                        .map(of -> words.say(
                                                "form.cannot-prove",
                                                Map.of(
                                                        "limit", inUnit(of, form, unit),
                                                        "guard", inUnit(decision.guard(), form, unit)))))
                        .flatMap(Optional::stream)
                        .reduce((one, other) -> one + " " + other)
                        .orElse(""));
    }

    /** Half of an out-of-round is a drawing's roundness, half of the whole spread its cylindricity. */
    private Optional<String> roundness(FormFigure figure, MeasuredForm form, LengthUnit unit, String aroundAs) {
        String half = inUnit(figure.decision().figure().half(), form, unit);
        if (figure.what() == FormFigure.What.SPREAD) {
            return Optional.of(words.say("form.half.spread", Map.of("half", half)));
        }
        return figure.what() == FormFigure.What.OUT_OF_ROUND && !aroundAs.equals("difference")
                ? Optional.of(words.say("form.half.out-of-round", Map.of("half", half)))
                : Optional.empty();
    }

    private static String where(FormFigure figure, MeasuredForm form) {
        return switch (figure.what()) {
            case OUT_OF_ROUND, OVALITY -> form.levels().get(figure.at()).name();
            case TAPER -> form.axes().get(figure.at()).name();
            case SPREAD -> "";
        };
    }

    private static String mark(FormDecision.Word word, MeasuredForm form) {
        return switch (word) {
            case IN -> "in";
            case TOO_CLOSE -> "too-close";
            case OUT -> form.canWear() ? "beyond-service" : "gone";
        };
    }

    /** In whole steps of the gauge where it is some; else with a digit more. */
    LengthText shown(Length length, MeasuredForm form, LengthUnit unit) {
        boolean isWhole = length.picometres() % form.resolution().picometres() == 0;
        return isWhole
                ? figures.reading(length, unit, form.resolution())
                : figures.computed(length, unit, form.resolution(), List.of());
    }

    String inUnit(Length length, MeasuredForm form, LengthUnit unit) {
        return shown(length, form, unit).withUnit();
    }
}
