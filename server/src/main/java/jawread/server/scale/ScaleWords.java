package jawread.server.scale;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.core.scale.ScaleReading.Step;
import jawread.server.scale.ScaleReadingView.AddendView;
import jawread.server.words.Figures;
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

    String name(Scale scale) {
        String own = "scale." + scale.id() + ".name";
        String step = figures.exactly(scale.leastCount(), scale.unit());
        return words.say(words.has(own) ? own : "scale." + scale.kind() + ".name", Map.of("step", step));
    }

    String baseName(Scale scale) {
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

    /** The sum line by line, each to the last place of the scale. */
    public List<AddendView> addends(ScaleReading reading, Scale scale) {
        return reading.steps().stream()
                .map(step -> new AddendView(
                        step.part(),
                        label(step, scale),
                        figures.reading(step.addend(), scale.unit(), scale.leastCount())
                                .text()))
                .toList();
    }

    /** One addend of the sum: {@code sleeve, 37 × 0.5}. */
    private String label(Step step, Scale scale) {
        if (step.part().equals(ScaleReading.BASE)) {
            return baseName(scale);
        }
        String key = "step." + step.part();
        LengthUnit unit = scale.unit();
        return words.say(
                words.has(key) ? key : "step.leaf",
                Map.of(
                        "count", step.count().toPlainString(),
                        "division",
                                figures.reading(step.division(), unit, step.division())
                                        .text()));
    }

    /** The reading and its parts, for an ear: {@code 2.7973 inches: frame 2, sleeve 31, thimble 22, vernier 3.} */
    String spoken(ScaleReading reading, Scale scale) {
        String parts = reading.steps().stream().map(step -> spoken(step, scale)).collect(Collectors.joining(", "));
        return words.say(
                reading.estimated() ? "say.scale.estimated" : "say.scale",
                Map.of(
                        "figure",
                        figures.reading(reading.value(), scale.unit(), scale.leastCount())
                                .text(),
                        "unit",
                        words.say("unit." + scale.unit().symbol() + ".spoken"),
                        "parts",
                        parts));
    }

    private String spoken(Step step, Scale scale) {
        return step.part().equals(ScaleReading.BASE)
                ? baseName(scale) + " "
                        + figures.reading(
                                        step.addend(),
                                        scale.unit(),
                                        scale.unit().whole())
                                .text()
                : partName(step.part()) + " " + step.count().toPlainString();
    }

    /** What is printed at or before a coarse count. */
    static String figureAt(LinedScale scale, BigDecimal coarseCount, int figuresOn) {
        return scale.figure(coarseCount.intValue() / scale.figureEvery() + figuresOn);
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
