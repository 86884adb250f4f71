package jawread.server.scale;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
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
    private final ScaleWords scaleWords;
    private final Words words;
    private final Figures figures;

    SettingWords(ScaleWords scaleWords, Words words, Figures figures) {
        this.scaleWords = scaleWords;
        this.words = words;
        this.figures = figures;
    }

    SettingView of(Scale scale, Length base, Length wanted, ScaleSetting setting) {
        ShownView shown = shown(scale, base, setting.shown());
        ShownView above =
                setting.above().map(other -> shown(scale, base, other)).orElse(null);
        String sentence = above == null
                ? words.say("setting.exact")
                : words.say(
                        "setting.between",
                        Map.of(
                                "wanted", figures.exactly(wanted, scale.unit()),
                                "below", shown.size().withUnit(),
                                "under", figures.exactly(setting.shown().error().abs(), scale.unit()),
                                "above", above.size().withUnit(),
                                "over",
                                        figures.exactly(
                                                setting.above().orElseThrow().error(), scale.unit())));
        return new SettingView(
                figures.reading(wanted, scale.unit(), scale.leastCount()), above == null, shown, above, sentence);
    }

    private ShownView shown(Scale scale, Length base, ScaleSetting.Shown shown) {
        return new ShownView(
                shown.parts().counts(),
                figures.reading(shown.value(), scale.unit(), scale.leastCount()),
                figures.reading(shown.error(), scale.unit(), scale.leastCount()),
                say(scale, base, shown));
    }

    private String say(Scale scale, Length base, ScaleSetting.Shown shown) {
        Parts parts = shown.parts();
        var facts = new HashMap<String, Object>();
        parts.counts().forEach((name, count) -> facts.put(name, count.toPlainString()));
        facts.put("size", figures.exactly(shown.value(), scale.unit()));
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
