package jawread.server.scale;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.length.Figure;
import jawread.core.length.Length;
import jawread.core.scale.AsRead;
import jawread.core.scale.Comparator;
import jawread.core.scale.Feeler;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleSetting;
import jawread.core.scale.Thimble;
import jawread.server.scale.SettingView.ShownView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What must show for a wanted size, said in the order in which hands and eyes go about it. */
@Component
class SettingWords {
    /** Decimals beyond the least count that are still said. */
    private static final int FINER = 3;

    private final ScaleWords scaleWords;
    private final Words words;
    private final Figures figures;

    SettingWords(ScaleWords scaleWords, Words words, Figures figures) {
        this.scaleWords = scaleWords;
        this.words = words;
        this.figures = figures;
    }

    SettingView of(Scale scale, Length base, Length wanted, ScaleSetting setting) {
        var eye = AsRead.of(scale, base);
        ScaleSetting.Shown nearest = setting.nearest();
        ShownView other = setting.above()
                .map(above -> above.equals(nearest) ? setting.shown() : above)
                .map(neighbour -> shown(eye, neighbour))
                .orElse(null);
        return new SettingView(
                figures.reading(wanted, scale.unit(), scale.leastCount()),
                setting.isExact(),
                shown(eye, nearest),
                other,
                setting.above()
                        .map(above -> between(eye, wanted, setting.shown(), above))
                        .orElseGet(() -> words.say("setting.exact")));
    }

    /** Both neighbours with what they are off, and no digit that no hand can set by. */
    private String between(AsRead eye, Length wanted, ScaleSetting.Shown below, ScaleSetting.Shown above) {
        boolean isMidway = below.error().abs().equals(above.error());
        return words.say(
                isMidway ? "setting.midway" : "setting.between",
                Map.of(
                        "wanted", neat(wanted, eye.scale()),
                        "below", scaleWords.size(below.value(), eye).withUnit(),
                        "under", neat(below.error().abs(), eye.scale()),
                        "above", scaleWords.size(above.value(), eye).withUnit(),
                        "over", neat(above.error(), eye.scale())));
    }

    /** With all its digits where they are few, as somebody typed them; one that was converted to a hundredth of the least count. */
    private String neat(Length length, Scale scale) {
        int few = Figure.decimalsOf(scale.leastCount(), scale.unit()) + FINER;
        int all = length.in(scale.unit()).stripTrailingZeros().scale();
        return all <= few
                ? figures.exactly(length, scale.unit())
                : figures.rounded(length, scale.unit(), scale.leastCount().dividedBy(100));
    }

    private ShownView shown(AsRead eye, ScaleSetting.Shown shown) {
        return new ShownView(
                shown.parts().counts(),
                scaleWords.size(shown.value(), eye),
                figures.reading(shown.error(), eye.scale().unit(), eye.scale().leastCount()),
                say(eye.scale(), eye.base(), shown));
    }

    private String say(Scale scale, Length base, ScaleSetting.Shown shown) {
        Parts parts = shown.parts();
        var facts = new HashMap<String, Object>();
        parts.counts().forEach((name, count) -> facts.put(name, figures.count(count)));
        facts.put("size", figures.exactly(shown.value(), scale.unit()));
        facts.put("graduation", graduation(shown.value(), AsRead.of(scale, base)));
        if (scale instanceof LinedScale lined) {
            facts.putAll(coarse(lined, AsRead.of(scale, base), parts));
        }
        if (scale instanceof Feeler) {
            facts.put(
                    "leaves",
                    parts.counts().isEmpty()
                            ? words.say("set.no-leaf")
                            : parts.counts().keySet().stream().collect(Collectors.joining(" + ")));
        }
        return words.say(keyOf(scale, parts), facts);
    }

    /** As a rule is read: 25/64, 83.5. */
    private String graduation(Length value, AsRead eye) {
        return eye.over() > 1
                ? scaleWords.size(value, eye).text()
                : figures.number(value.in(eye.scale().unit()));
    }

    /** The printed figure to pass, and how many lines more. */
    private Map<String, Object> coarse(LinedScale scale, AsRead eye, Parts parts) {
        int count = parts.count(scale.parts().get(0).name())
                .map(BigDecimal::intValue)
                .orElse(0);
        int figure = count / scale.figureEvery();
        Length there = eye.base().plus(scale.figureStep().times(figure));
        return Map.of(
                "pass", figures.reading(there, scale.unit(), scale.figureStep()).text(),
                "figure", eye.figure(figure),
                "more", more(scale, count % scale.figureEvery()));
    }

    private String more(LinedScale scale, int lines) {
        if (scale instanceof Thimble head && head.showsHalves()) {
            String whole = lines / 2 == 0 ? "" : plural("set.millimetres", lines / 2);
            String half = lines % 2 == 0 ? "" : words.say("set.half");
            return whole.isEmpty() && half.isEmpty() ? "" : ", " + (whole + " " + half).strip();
        }
        return lines == 0 ? "" : ", " + plural("set.lines", lines);
    }

    private String plural(String key, int count) {
        return words.say(key, Map.of("count", count, "said", scaleWords.count(count)));
    }

    private static String keyOf(Scale scale, Parts parts) {
        if (scale instanceof Thimble head) {
            return "set.thimble" + (head.runs() == Thimble.Runs.COVERING ? ".covering" : "")
                    + (head.hasVernier() ? ".vernier" : "");
        }
        if (scale instanceof Comparator) {
            int side = parts.count(Comparator.NEEDLE).map(BigDecimal::signum).orElse(0);
            return "set.comparator" + (side == 0 ? ".zero" : side > 0 ? ".plus" : ".minus");
        }
        return "set." + scale.family();
    }
}
