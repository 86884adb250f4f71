package jawread.server.card;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.thread.Drill;
import jawread.core.thread.ScrewThread;
import jawread.core.thread.ScrewThread.Height;
import jawread.core.thread.TappingDrill;
import jawread.server.card.ThreadView.ClearanceView;
import jawread.server.card.ThreadView.DrillSetView;
import jawread.server.card.ThreadView.DrillView;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** Drills for a tapped hole, and the holes that let a thread through. */
@Service
class Threads {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final BigDecimal USUAL = BigDecimal.valueOf(75);
    private static final BigDecimal LEAST = BigDecimal.ONE;

    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    Threads(TypedFields fields, Figures figures, Words words) {
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /**
     * @param text {@code M8}, {@code M8 x 1}, {@code 3/8-16}, {@code #8-32}
     * @param engagement the wanted part of the full height in percent; empty for 75
     */
    record TypedThread(String unit, String text, String engagement) {}

    ThreadView of(TypedThread typed) {
        LengthUnit unit = fields.unit(typed.unit());
        ScrewThread thread = ScrewThread.parse(typed.text()).fold(read -> read, refusal -> {
            throw fields.refused("text", refusal, unit);
        });
        BigDecimal percent = typed.engagement().isBlank()
                ? USUAL
                : TypedNumber.within(typed.engagement().replace("%", ""), LEAST, HUNDRED)
                        .orElseThrow(() -> Refused.field("engagement", "bad-engagement", words));
        TappingDrill drill = thread.drill(percent.movePointLeft(2)).fold(found -> found, refusal -> {
            throw fields.refused("engagement", refusal, unit);
        });
        List<DrillSetView> sets = Arrays.stream(Drill.Kind.values())
                .map(kind -> set(kind, thread, drill.computed(), unit))
                .filter(set -> !set.drills().isEmpty())
                .toList();
        Optional<DrillView> best =
                thread.best(drill.computed()).map(each -> view(each, thread, drill.computed(), unit, true));
        return new ThreadView(
                thread.name(),
                words.say("thread.series." + thread.series().code()),
                figures.fine(thread.diameter(), own(thread)),
                figures.reading(thread.pitch(), own(thread), Length.ofMillimetres("0.001")),
                thread.isMetric() ? null : figures.number(thread.denominator()),
                figures.computed(drill.computed(), unit, step(unit), List.of()),
                figures.number(percent),
                sets,
                clearance(thread),
                best.orElse(null),
                best.map(each -> words.say(
                                "thread.best",
                                Map.of(
                                        "thread",
                                        thread.name(),
                                        "drill",
                                        each.size().inBoth(),
                                        "percent",
                                        each.engagement())))
                        .orElseGet(() -> words.say("thread.no-drill", Map.of("thread", thread.name()))));
    }

    private static LengthUnit own(ScrewThread thread) {
        return thread.isMetric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    private static Length step(LengthUnit unit) {
        return unit.isInch() ? Length.ofInches("0.001") : Length.ofMillimetres("0.01");
    }

    private DrillSetView set(Drill.Kind kind, ScrewThread thread, Length wanted, LengthUnit unit) {
        Optional<Drill> nearest = Drill.nearest(kind, wanted);
        return new DrillSetView(
                kind.code(),
                words.say("thread.drills." + kind.code()),
                Drill.around(kind, wanted).stream()
                        .map(drill -> view(
                                drill,
                                thread,
                                wanted,
                                unit,
                                nearest.filter(drill::equals).isPresent()))
                        .toList());
    }

    private DrillView view(Drill drill, ScrewThread thread, Length wanted, LengthUnit unit, boolean isNearest) {
        BigDecimal left = thread.engagement(drill.size());
        return new DrillView(
                drill.name(),
                figures.fine(drill.size(), drill.kind() == Drill.Kind.METRIC ? LengthUnit.MILLIMETRE : LengthUnit.INCH),
                figures.computed(drill.size().minus(wanted), unit, step(unit), List.of()),
                figures.number(left.movePointRight(2).setScale(0, RoundingMode.HALF_EVEN)),
                left.doubleValue(),
                isNearest,
                remark(thread.height(drill.size())));
    }

    private String remark(Height height) {
        return height == Height.GOOD
                ? ""
                : words.say("thread." + height.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    private List<ClearanceView> clearance(ScrewThread thread) {
        return thread.clearance().stream()
                .flatMap(holes -> Stream.of(
                        hole("fine", holes.fine()), hole("medium", holes.medium()), hole("coarse", holes.coarse())))
                .toList();
    }

    private ClearanceView hole(String fit, Length size) {
        return new ClearanceView(words.say("thread.clearance." + fit), figures.fine(size, LengthUnit.MILLIMETRE));
    }
}
