package jawread.server.scale;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.length.InchFraction;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.misread.Slips;
import jawread.core.misread.TrueReading;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Thimble;
import jawread.core.scale.Trap;
import jawread.server.scale.ScaleReadingView.MisreadView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What usual slips would have read at a setting, in words, each with how to tell. */
@Component
class MisreadWords {
    /** Slips of the hand that types: the scale has no part in them. */
    private static final Set<Slip> OF_TYPING = Set.of(Slip.UNIT, Slip.DECIMAL_PLACE, Slip.SWAPPED_DIGITS);

    private final ScaleWords scaleWords;
    private final Words words;
    private final Figures figures;

    MisreadWords(ScaleWords scaleWords, Words words, Figures figures) {
        this.scaleWords = scaleWords;
        this.words = words;
        this.figures = figures;
    }

    /** Those that an eye could make here: first where a trap is at this very reading, then in the catalogue's order. */
    List<MisreadView> of(TrueReading here) {
        return Slips.madeAt(here)
                .filter(slip -> !OF_TYPING.contains(slip.slip()))
                .filter(slip -> couldBeRead(slip, here))
                .sorted(Comparator.comparing((Misread slip) -> !isTrapped(slip, here))
                        .thenComparing(Misread::slip))
                .map(slip -> view(slip, here))
                .toList();
    }

    private static boolean couldBeRead(Misread slip, TrueReading here) {
        boolean isAnother = !slip.read().equals(here.reading().value());
        return switch (slip.slip()) {
            case BASE_FORGOTTEN, BASE_TWICE, SENSE_FLIPPED -> isAnother;
            case GRADUATION_VALUE -> isAnother && isAnotherFace(slip, here);
            case LOST_TURN -> slip.read().compareTo(Length.ZERO) > 0 && !isOneLine(slip, here);
            default -> isAnother && isOnTheScale(slip.read().minus(here.base()), here.scale());
        };
    }

    /** Where a turn is one beam line, a lost turn is a line too many or too few, and told as such. */
    private static boolean isOneLine(Misread slip, TrueReading here) {
        return here.scale() instanceof LinedScale lined
                && slip.read().minus(here.reading().value()).abs().equals(lined.coarse());
    }

    private static boolean isOnTheScale(Length beyondBase, Scale scale) {
        return !beyondBase.isNegative()
                && (!(scale instanceof LinedScale lined)
                        || lined instanceof Thimble
                        || beyondBase.compareTo(lined.coarse().times(lined.reach())) <= 0);
    }

    /** Only faces that are made: a graduation that another comparator of this unit has. */
    private static boolean isAnotherFace(Misread slip, TrueReading here) {
        return Scales.all().stream()
                .filter(jawread.core.scale.Comparator.class::isInstance)
                .filter(other -> other.unit() == here.scale().unit())
                .anyMatch(other -> graduationTaken(slip, here).equals(other.leastCount()));
    }

    private static Length graduationTaken(Misread slip, TrueReading here) {
        var deviation = here.reading().value().minus(here.base());
        var taken = slip.read().minus(here.base());
        return Length.ofPicometres(new BigDecimal(taken.picometres())
                .multiply(new BigDecimal(here.scale().leastCount().picometres()))
                .divideToIntegralValue(new BigDecimal(deviation.picometres()))
                .longValueExact());
    }

    private static boolean isTrapped(Misread slip, TrueReading here) {
        Set<Trap.Kind> on = here.scale().traps().stream()
                .filter(trap ->
                        here.parts().count(trap.part()).stream().anyMatch(count -> trap.holdsAt(count.doubleValue())))
                .map(Trap::kind)
                .collect(Collectors.toSet());
        return switch (slip.slip()) {
            case NEXT_LINE -> on.contains(Trap.Kind.LINE_NOT_YET);
            case MISSED_LINE -> on.contains(Trap.Kind.LINE_ALREADY);
            case MISSED_HALF -> on.contains(Trap.Kind.HALF_SHOWS);
            case REVERSED -> on.contains(Trap.Kind.FIGURES_COVERED);
            case LOST_TURN -> on.contains(Trap.Kind.PAST_HALF_A_TURN);
            default -> false;
        };
    }

    private MisreadView view(Misread slip, TrueReading here) {
        Scale scale = here.scale();
        Length size = here.reading().value();
        var facts = new HashMap<String, String>(scaleWords.partNames(scale));
        facts.put("rough", scaleWords.roughly(size, scale.unit()));
        facts.put("rule", onARule(size, scale.unit()));
        facts.put("step", figures.exactly(scale.leastCount(), scale.unit()));
        if (slip.slip() == Slip.WRONG_FIGURE) {
            facts.putAll(printed(slip, here));
        }
        if (slip.slip() == Slip.GRADUATION_VALUE) {
            facts.put("graduation", figures.exactly(graduationTaken(slip, here), scale.unit()));
        }
        String key = "slip." + slip.slip().code();
        return new MisreadView(
                slip.slip().code(),
                figures.reading(slip.read(), scale.unit(), scale.leastCount()),
                words.say(key, facts),
                words.say(tellKey(key, scale), facts));
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
        return Map.of("taken", ScaleWords.figureAt(scale, count, by), "figure", ScaleWords.figureAt(scale, count, 0));
    }

    private String onARule(Length size, LengthUnit unit) {
        return unit.isInch() && !size.isNegative()
                ? InchFraction.nearest(size) + " in"
                : figures.rounded(size, unit, Length.ofMillimetres("0.5"));
    }
}
