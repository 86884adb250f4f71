package jawread.server.scale;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.scale.AsRead;
import jawread.core.scale.Comparator;
import jawread.core.scale.DialSlide;
import jawread.core.scale.Digits;
import jawread.core.scale.Feeler;
import jawread.core.scale.Glance;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Rule;
import jawread.core.scale.Scale;
import jawread.core.scale.ScalePart;
import jawread.core.scale.Thimble;
import jawread.core.scale.Trap;
import jawread.core.scale.VernierSlide;
import jawread.server.scale.ScaleView.GlanceView;
import jawread.server.scale.ScaleView.RunView;
import jawread.server.scale.ScaleView.ScalePartView;
import jawread.server.scale.ScaleView.TrapView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Describes a scale for its drawing. */
@Component
public class ScaleViews {
    private final ScaleWords scaleWords;
    private final Words words;
    private final Figures figures;

    ScaleViews(ScaleWords scaleWords, Words words, Figures figures) {
        this.scaleWords = scaleWords;
        this.words = words;
        this.figures = figures;
    }

    /** @param base what the gauge that bears it adds on its own; it brings a trap when it is large */
    public ScaleView of(Scale scale, Length base) {
        var eye = AsRead.of(scale, base);
        var traps = Stream.concat(scale.traps().stream(), Trap.ofBase(scale.unit(), base).stream());
        return new ScaleView(
                scale.id(),
                scale.kind(),
                scale.family(),
                scaleWords.name(scale),
                scale.unit().symbol(),
                scaleWords.baseName(scale),
                figures.reading(scale.leastCount(), scale.unit(), scale.leastCount()),
                scale.parts().stream().map(part -> part(part, scale)).toList(),
                eye.glances().stream().map(glance -> glance(glance, eye)).toList(),
                eye.own().picometres(),
                eye.over(),
                figureEvery(scale),
                printed(eye),
                reach(scale),
                scale instanceof Thimble head ? head.runs().code() : "",
                turn(scale),
                scale instanceof VernierSlide ? VernierSlide.EDGE_BEFORE_ZERO : 0,
                traps.map(trap -> trap(trap, scale)).toList());
    }

    private static ScalePartView part(ScalePart part, Scale scale) {
        int last = part.last() == ScalePart.NO_END ? reach(scale) : part.last();
        int first = part.first() == ScalePart.NO_START ? (scale instanceof Digits ? 0 : -last) : part.first();
        return new ScalePartView(part.name(), part.division().picometres(), first, last, part.estimate());
    }

    private GlanceView glance(Glance glance, AsRead eye) {
        boolean isCoarse = glance.part().equals(eye.scale().parts().get(0).name());
        int last = glance.last() == ScalePart.NO_END ? reach(eye.scale()) / glance.per() : glance.last();
        return new GlanceView(
                glance.name(),
                glance.part(),
                glance.per(),
                isCoarse ? (int) eye.from() : 0,
                glance.first() == ScalePart.NO_START ? (eye.scale() instanceof Digits ? 0 : -last) : glance.first(),
                last,
                glance.worth().picometres(),
                glance.estimate(),
                ScaleWords.isCounted(eye.scale()),
                ScaleWords.over(glance),
                scaleWords.label(glance, eye.scale()),
                scaleWords.brief(glance, eye.scale()),
                scaleWords.none(glance));
    }

    private static int figureEvery(Scale scale) {
        return scale instanceof LinedScale lined
                ? lined.figureEvery()
                : scale instanceof Rule rule ? rule.figureEvery() : 0;
    }

    private static List<String> printed(AsRead eye) {
        Scale scale = eye.scale();
        if (scale instanceof LinedScale lined) {
            return IntStream.rangeClosed(0, lined.reach() / lined.figureEvery())
                    .mapToObj(eye::figure)
                    .toList();
        }
        return scale instanceof Rule rule
                ? IntStream.rangeClosed(0, rule.reach() / rule.figureEvery())
                        .mapToObj(rule::figure)
                        .toList()
                : List.of();
    }

    private static int reach(Scale scale) {
        if (scale instanceof LinedScale lined) {
            return lined.reach();
        }
        if (scale instanceof Digits digits) {
            return digits.reach();
        }
        return scale instanceof Rule rule
                ? rule.reach()
                : scale instanceof Comparator comparator
                        ? comparator.linesATurn() - 1
                        : ((Feeler) scale).leaves().size();
    }

    private static Long turn(Scale scale) {
        return scale instanceof Comparator comparator
                ? Long.valueOf(comparator.turn().picometres())
                : scale instanceof DialSlide dial ? dial.turn().picometres() : null;
    }

    private TrapView trap(Trap trap, Scale scale) {
        return new TrapView(
                trap.kind().code(),
                trap.part(),
                trap.runs().stream()
                        .map(run -> new RunView(run.from(), run.to(), run.every()))
                        .toList(),
                words.say(keyOf(trap), scaleWords.partNames(scale)));
    }

    private String keyOf(Trap trap) {
        String key = "trap." + trap.kind().code();
        return words.has(key + "." + trap.part()) ? key + "." + trap.part() : key;
    }
}
