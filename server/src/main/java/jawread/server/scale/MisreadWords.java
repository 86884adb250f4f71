package jawread.server.scale;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.InchFraction;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.Explanation;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Misread;
import jawread.core.misread.OftenMisread;
import jawread.core.misread.Slip;
import jawread.core.misread.TrueReading;
import jawread.core.scale.AsRead;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;
import jawread.server.scale.ScaleReadingView.MisreadView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Usual slips in words: what they would have read at a setting, each with how to tell, and what one did to a reading. */
@Component
public class MisreadWords {
    private final ScaleWords scaleWords;
    private final Words words;
    private final Figures figures;

    MisreadWords(ScaleWords scaleWords, Words words, Figures figures) {
        this.scaleWords = scaleWords;
        this.words = words;
        this.figures = figures;
    }

    List<MisreadView> of(TrueReading here) {
        return OftenMisread.at(here).stream().map(slip -> view(slip, here)).toList();
    }

    /** What a slip did that would account for a kept reading. */
    public String of(Explanation slip, KeptReading kept) {
        Scale scale = kept.scale();
        var misread = new Misread(slip.slip(), slip.variant(), kept.read());
        var facts = new HashMap<String, String>(scaleWords.partNames(scale));
        String key = "slip." + slip.slip().code();
        switch (slip.slip()) {
            case WRONG_FIGURE -> {
                Optional<TrueReading> here = standing(scale, kept.base(), slip.shouldBe());
                here.ifPresent(at -> facts.putAll(printed(misread, at)));
                return words.say(here.isPresent() ? key : key + ".plain", facts);
            }
            case GRADUATION_VALUE ->
                facts.put("graduation", figures.exactly(OftenMisread.graduationTaken(misread, scale), scale.unit()));
            case UNIT -> {
                return words.say(key + (slip.variant().startsWith("x") ? ".millimetres" : ".inches"));
            }
            default -> {}
        }
        return words.say(key, facts);
    }

    /** As it would have stood; empty where the scale cannot stand so. */
    private static Optional<TrueReading> standing(Scale scale, Length base, Length size) {
        return scale.set(base, Optional.empty(), size)
                .fold(
                        set -> Optional.of(
                                TrueReading.of(scale, base, set.shown().parts())),
                        refusal -> Optional.empty());
    }

    /** A slip made in practice, one of the hand that types among them, and how to tell. */
    public MisreadView made(Misread slip, TrueReading here) {
        String name = "slip-name." + slip.slip().code();
        return words.has("slip." + slip.slip().code() + ".tell")
                ? view(slip, here)
                : new MisreadView(
                        slip.slip().code(),
                        scaleWords.size(slip.read(), AsRead.of(here.scale(), here.base())),
                        words.say(name),
                        "");
    }

    private MisreadView view(Misread slip, TrueReading here) {
        Scale scale = here.scale();
        Length size = here.reading().value();
        var facts = new HashMap<String, String>(scaleWords.partNames(scale));
        facts.put("rough", scaleWords.roughly(size, scale.unit()));
        facts.put("rule", onARule(size, scale.unit()));
        facts.put("step", figures.exactly(scale.leastCount(), scale.unit()));
        facts.put("leaf", slip.variant());
        if (slip.slip() == Slip.WRONG_FIGURE) {
            facts.putAll(printed(slip, here));
        }
        if (slip.slip() == Slip.GRADUATION_VALUE) {
            facts.put("graduation", figures.exactly(OftenMisread.graduationTaken(slip, scale), scale.unit()));
        }
        String key = keyOf(slip, scale);
        return new MisreadView(
                slip.slip().code(),
                scaleWords.size(slip.read(), AsRead.of(scale, here.base())),
                words.say(key, facts),
                words.say(tellKey(key, scale), facts));
    }

    /** Some are made otherwise on one kind of face: the other row of a stage, a leaf counted twice. */
    private String keyOf(Misread slip, Scale scale) {
        String key = "slip." + slip.slip().code();
        return Stream.of(key + "." + slip.variant(), key + "." + scale.kind())
                .filter(words::has)
                .findFirst()
                .orElse(key);
    }

    /** What is found out by a caliper on a head is found out by a rule on a caliper. */
    private String tellKey(String key, Scale scale) {
        String ofSlide = key + ".tell.slide";
        boolean isSlide = scale instanceof LinedScale && !(scale instanceof Thimble);
        return isSlide && words.has(ofSlide) ? ofSlide : key + ".tell";
    }

    private static Map<String, String> printed(Misread slip, TrueReading here) {
        LinedScale scale = (LinedScale) here.scale();
        BigDecimal count = here.parts().count(scale.parts().get(0).name()).orElse(BigDecimal.ZERO);
        int by = slip.variant().equals("+") ? 1 : -1;
        return Map.of(
                "taken",
                ScaleWords.figureAt(scale, here.base(), count, by),
                "figure",
                ScaleWords.figureAt(scale, here.base(), count, 0));
    }

    private String onARule(Length size, LengthUnit unit) {
        return unit.isInch() && !size.isNegative()
                ? InchFraction.nearest(size) + " in"
                : figures.rounded(size, unit, Length.ofMillimetres("0.5"));
    }
}
