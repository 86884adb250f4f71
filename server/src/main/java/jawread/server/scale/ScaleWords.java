package jawread.server.scale;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.InchFraction;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.scale.AsRead;
import jawread.core.scale.Digits;
import jawread.core.scale.Echo;
import jawread.core.scale.Feeler;
import jawread.core.scale.Glance;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.core.scale.ScaleReading.Step;
import jawread.core.scale.Thimble;
import jawread.core.scale.Trap;
import jawread.server.scale.ScaleReadingView.AddendView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts a scale, and a reading on it, into words. */
@Component
public class ScaleWords {
    private final Words words;
    private final Figures figures;

    ScaleWords(Words words, Figures figures) {
        this.words = words;
        this.figures = figures;
    }

    public String name(Scale scale) {
        String own = "scale." + scale.id() + ".name";
        String step = figures.exactly(scale.leastCount(), scale.unit());
        return words.say(words.has(own) ? own : "scale." + scale.kind() + ".name", Map.of("step", step));
    }

    public String baseName(Scale scale) {
        return words.say("scale." + scale.kind() + ".base");
    }

    /** What the coarse and the fine part are called in a sentence about this scale. */
    Map<String, String> partNames(Scale scale) {
        var parts = scale.parts();
        return Map.of(
                "coarse", partName(parts.get(0).name()),
                "fine", partName(parts.get(Math.min(1, parts.size() - 1)).name()),
                "base", baseName(scale));
    }

    private String partName(String part) {
        return words.has("part." + part) ? words.say("part." + part) : part;
    }

    /** What a look is called beside its field. */
    String label(Glance glance, Scale scale) {
        return named("glance.", glance, scale);
    }

    /** And before its count. */
    String brief(Glance glance, Scale scale) {
        return named("glance.brief.", glance, scale);
    }

    private String named(String prefix, Glance glance, Scale scale) {
        String key = prefix + glance.name();
        if (words.has(key + "." + scale.kind())) {
            return words.say(key + "." + scale.kind());
        }
        return words.has(key) ? words.say(key) : words.say("glance.leaf", Map.of("leaf", glance.name()));
    }

    /** What stands for the look and its count where nothing was seen; empty where 0 is said as any count. */
    String none(Glance glance) {
        String key = "glance.none." + glance.name();
        return words.has(key) ? words.say(key) : "";
    }

    /** Whether counts are said beside looks: a leaf or a display says its own size. */
    static boolean isCounted(Scale scale) {
        return !(scale instanceof Digits || scale instanceof Feeler);
    }

    /** Of how many a look is a fraction; 1 for a plain count. */
    static int over(Glance glance) {
        return glance.name().equals(Glance.FRACTION) ? glance.last() + 1 : 1;
    }

    /** The sum line by line, as the eye reads it, each to the last place of the scale. */
    public List<AddendView> addends(AsRead eye, Parts parts, ScaleReading reading) {
        if (parts.isDistance()) {
            return Stream.of(Thimble.START, Thimble.END)
                    .flatMap(end -> addendsAt(eye, end, parts.of(end)).stream())
                    .toList();
        }
        return addends(eye, "", eye.steps(parts, reading.value()));
    }

    /** Of one end of a distance. */
    private List<AddendView> addendsAt(AsRead eye, String end, Parts parts) {
        return addends(eye, end, AsRead.of(eye.scale(), Length.ZERO).steps(parts, Length.ZERO));
    }

    private List<AddendView> addends(AsRead eye, String end, List<Step> steps) {
        return steps.stream()
                .map(step -> new AddendView(
                        end + step.part(),
                        end.isEmpty()
                                ? said("glance.sum", step, eye)
                                : words.say("glance.sum." + end + "at", Map.of("look", said("glance.sum", step, eye))),
                        figures.reading(
                                        step.addend(),
                                        eye.scale().unit(),
                                        eye.scale().leastCount())
                                .text()))
                .toList();
    }

    /** {@code thimble, 33}; {@code no half line}; the frame. */
    private String said(String how, Step step, AsRead eye) {
        if (step.part().equals(ScaleReading.BASE)) {
            return baseName(eye.scale());
        }
        Glance glance = eye.glances().stream()
                .filter(each -> each.name().equals(step.part()))
                .findFirst()
                .orElseThrow();
        if (step.count().signum() == 0 && !none(glance).isEmpty()) {
            return none(glance);
        }
        if (!isCounted(eye.scale()) || !none(glance).isEmpty()) {
            return brief(glance, eye.scale());
        }
        return words.say(how, Map.of("look", brief(glance, eye.scale()), "count", counted(glance, step.count())));
    }

    /** A count as it is read there: 25/64 on an inch rule. */
    String counted(Glance glance, BigDecimal count) {
        return over(glance) == 1 || count.signum() == 0
                ? figures.count(count)
                : InchFraction.of(count.longValueExact(), over(glance)).toString();
    }

    /** What is seen, for an ear, without what it comes to: {@code frame 2, figure 7, lines 3, thimble 22, vernier 3}. */
    public String seen(AsRead eye, Parts parts, ScaleReading reading) {
        return eye.steps(parts, reading.value()).stream()
                .map(step -> step.part().equals(ScaleReading.BASE)
                        ? baseName(eye.scale()) + " "
                                + figures.reading(
                                                step.addend(),
                                                eye.scale().unit(),
                                                eye.scale().unit().whole())
                                        .text()
                        : said("glance.spoken", step, eye))
                .collect(Collectors.joining(", "));
    }

    /** The reading and what was seen, for an ear: {@code 2.7973 inches: frame 2, figure 7, lines 3, thimble 22, vernier 3.} */
    String spoken(AsRead eye, Parts parts, ScaleReading reading) {
        Scale scale = eye.scale();
        String seen = parts.isDistance()
                ? addends(eye, parts, reading).stream().map(AddendView::label).collect(Collectors.joining(", "))
                : seen(eye, parts, reading);
        return words.say(
                reading.estimated() ? "say.scale.estimated" : "say.scale",
                Map.of(
                        "figure",
                        size(reading.value(), eye).text(),
                        "unit",
                        words.say("unit." + scale.unit().symbol() + ".spoken"),
                        "parts",
                        seen));
    }

    /** A reading as the scale says it: in 128ths of an inch where it is divided so, with the other unit to its last digit. */
    public LengthText size(Length value, AsRead eye) {
        LengthUnit unit = eye.scale().unit();
        LengthText decimal = figures.reading(value, unit, eye.scale().leastCount());
        return eye.over() == 1 || value.isNegative()
                ? decimal
                : new LengthText(
                        decimal.pm(),
                        InchFraction.of(
                                        value.picometres()
                                                / unit.whole()
                                                        .dividedBy(eye.over())
                                                        .picometres(),
                                        eye.over())
                                .toString(),
                        decimal.unit(),
                        figures.exactly(value, unit.other()));
    }

    /** Which line or figure to look for, that a figure may be told true by. */
    public String sight(Echo.Sight sight, AsRead eye, Parts parts) {
        var facts = new HashMap<String, Object>(partNames(eye.scale()));
        if (eye.scale() instanceof LinedScale lined) {
            BigDecimal count = parts.count(eye.scale().parts().get(0).name()).orElse(BigDecimal.ZERO);
            facts.put("figure", figureAt(lined, eye.base(), count, 0));
            facts.put("next", figureAt(lined, eye.base(), count, 1));
        }
        return words.say("echo." + sight.code(), facts);
    }

    /** What is added besides the figures, where that is much. */
    public Optional<String> besides(AsRead eye) {
        return Trap.ofBase(eye.scale().unit(), eye.besides())
                .map(trap -> words.say(
                        "echo.base",
                        Map.of(
                                "base",
                                baseName(eye.scale()),
                                "size",
                                figures.exactly(eye.besides(), eye.scale().unit()))));
    }

    /** Why what was typed look by look is not on the scale. */
    public String refused(Refusal refusal, AsRead eye) {
        var facts = new HashMap<String, Object>(refusal.facts());
        facts.put(
                "looks",
                eye.glances().stream().map(each -> label(each, eye.scale())).collect(Collectors.joining(", ")));
        if (refusal.facts().get("look") instanceof Glance glance) {
            facts.put("look", label(glance, eye.scale()));
        }
        return words.say(new Refusal(refusal.code(), facts), eye.scale().unit());
    }

    /** What is printed at or before a coarse count. */
    static String figureAt(LinedScale scale, Length base, BigDecimal coarseCount, int figuresOn) {
        return AsRead.of(scale, base).figure(coarseCount.intValue() / scale.figureEvery() + figuresOn);
    }

    /** A small count as it is said: {@code two}, {@code 14}. */
    String count(long count) {
        List<String> said = List.of(words.say("counts").split(" "));
        return count < said.size() ? said.get((int) count) : String.valueOf(count);
    }

    /** To what a caliper shows, for a comparison by eye. */
    String roughly(Length size, LengthUnit unit) {
        Length step = unit.isInch() ? Length.ofInches("0.001") : Length.ofMillimetres("0.01");
        return figures.rounded(size, unit, step);
    }
}
