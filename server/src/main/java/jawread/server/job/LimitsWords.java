package jawread.server.job;

import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts limits into figures and words: the one way they are shown. */
@Component
public class LimitsWords {
    private final Figures figures;
    private final Words words;

    public LimitsWords(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** @param step one unit of the last decimal they are written with */
    public LimitsView of(Limits limits, LengthUnit unit, Length step) {
        Optional<LengthText> low = limits.low().map(limit -> figures.reading(limit, unit, step));
        Optional<LengthText> high = limits.high().map(limit -> figures.reading(limit, unit, step));
        Optional<LengthText> middle = limits.middle().map(size -> figures.reading(size, unit, step));
        String key = "limits." + (low.isPresent() ? high.isPresent() ? "both" : "at-least" : "at-most");
        String sentence = words.say(
                key,
                Map.of(
                        "low", low.map(LengthText::inBoth).orElse(""),
                        "high", high.map(LengthText::inBoth).orElse("")));
        return new LimitsView(low.orElse(null), high.orElse(null), middle.orElse(null), sentence);
    }

    /** The limits alone, in the one unit, for a narrow column: 31.938 / 32.000. */
    public String brief(Limits limits, LengthUnit unit, Length step) {
        return words.say(
                limits.low().isEmpty()
                        ? "limits.brief.at-most"
                        : limits.high().isEmpty() ? "limits.brief.at-least" : "limits.brief",
                Map.of(
                        "low",
                                limits.low()
                                        .map(limit -> figures.reading(limit, unit, step)
                                                .text())
                                        .orElse(""),
                        "high",
                                limits.high()
                                        .map(limit -> figures.reading(limit, unit, step)
                                                .text())
                                        .orElse("")));
    }
}
