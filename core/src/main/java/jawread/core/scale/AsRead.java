package jawread.core.scale;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A scale as the eye reads it. Nobody counts to 37: the eye takes the last figure, the short lines after it, the half line. A
 * part's count is split into these, and they make it again; the count itself stays what is calculated with.
 *
 * @param base what the gauge adds on its own
 * @param own how much of it the printed figures bear already: all of it where the sleeve begins at its own size, else nothing
 * @param glances in the order they are taken
 */
public record AsRead(Scale scale, Length base, Length own, List<Glance> glances) {
    private static final Pattern BLANKS = Pattern.compile("[\\h\\s]+");
    /** One number after the other, with nothing but blanks between. */
    private static final Pattern LOOKS = Pattern.compile("\\d+( \\d+)+");

    public AsRead {
        glances = List.copyOf(glances);
    }

    /** Any scale, with what its gauge adds. */
    public static AsRead of(Scale scale, Length base) {
        Length own = bearsItsSize(scale, base) ? base : Length.ZERO;
        return new AsRead(scale, base, own, scale.glances(own));
    }

    private static boolean bearsItsSize(Scale scale, Length base) {
        return scale instanceof Thimble head
                && head.bearsItsSize()
                && base.picometres() % head.coarse().picometres() == 0;
    }

    /** Whether it is read by its lines, so that what was read may be typed look by look. */
    public boolean isLined() {
        return scale instanceof LinedScale || scale instanceof Rule;
    }

    /** Counts of the coarse part that its printed figures begin with; 0 on most. */
    public long from() {
        return own.isZero()
                ? 0
                : own.picometres() / scale.parts().get(0).division().picometres();
    }

    /** What the figures do not bear and is added beside them. */
    public Length besides() {
        return base.minus(own);
    }

    /** Of how many parts of an inch its readings are said as a fraction; 1 where they are decimals. */
    public int over() {
        boolean isFraction = glances.stream()
                .anyMatch(glance -> List.of(Glance.SIXTEENTHS, Glance.FRACTION).contains(glance.name()));
        return isFraction
                ? (int) (scale.unit().whole().picometres() / scale.leastCount().picometres())
                : 1;
    }

    /** What is printed at the n-th figure of a lined scale. */
    public String figure(int n) {
        if (!(scale instanceof LinedScale lined)) {
            return String.valueOf(n);
        }
        if (own.isZero()) {
            return lined.figure(n);
        }
        Length there = own.plus(lined.figureStep().times(n));
        BigDecimal whole = there.in(lined.unit()).stripTrailingZeros();
        boolean isWhole = whole.scale() <= 0;
        // In inches the tenths, and the inch itself where they begin anew.
        return isWhole
                ? whole.toPlainString()
                : lined.unit().isInch()
                        ? whole.subtract(whole.setScale(0, RoundingMode.FLOOR))
                                .movePointRight(1)
                                .stripTrailingZeros()
                                .toPlainString()
                        : whole.toPlainString();
    }

    /** What each look gives where the parts stand; 0 for a part that was not read. */
    public List<BigDecimal> counts(Parts parts) {
        Map<String, BigDecimal> rest = new LinkedHashMap<>();
        for (ScalePart part : scale.parts()) {
            BigDecimal count = parts.count(part.name()).orElse(BigDecimal.ZERO);
            rest.put(part.name(), isCoarse(part.name()) ? count.add(BigDecimal.valueOf(from())) : count);
        }
        var counts = new ArrayList<BigDecimal>();
        for (Glance glance : glances) {
            if (glance.part().equals(Glance.NO_PART)) {
                counts.add(BigDecimal.valueOf(glance.first()));
                continue;
            }
            BigDecimal left = rest.get(glance.part());
            BigDecimal per = BigDecimal.valueOf(glance.per());
            BigDecimal count = glance.per() == 1 ? left : left.divideToIntegralValue(per);
            rest.put(glance.part(), left.subtract(count.multiply(per)));
            counts.add(count);
        }
        return counts;
    }

    private boolean isCoarse(String part) {
        return part.equals(scale.parts().get(0).name());
    }

    /**
     * The parts that these looks make. Refused: {@code looks-other-count} with the scale's own looks, {@code look-off-scale} with
     * the one that is not there.
     *
     * @param counts in the order of {@link #glances}
     */
    public Outcome<Parts> parts(List<BigDecimal> counts) {
        if (counts.size() != glances.size()) {
            return Outcome.refused(Refusal.of("looks-other-count")
                    .with("looks", glances)
                    .with("count", (long) glances.size())
                    .with("typed", (long) counts.size()));
        }
        Map<String, BigDecimal> sums = new LinkedHashMap<>();
        scale.parts().forEach(part -> sums.put(part.name(), BigDecimal.valueOf(isCoarse(part.name()) ? -from() : 0)));
        for (int i = 0; i < glances.size(); i++) {
            Glance glance = glances.get(i);
            BigDecimal count = counts.get(i);
            if (!glance.isOn(count)) {
                return Outcome.refused(Refusal.of("look-off-scale")
                        .with("look", glance)
                        .with("typed", count.toPlainString())
                        .with("counts", new ScalePart.Counts(glance.first(), glance.last())));
            }
            sums.computeIfPresent(
                    glance.part(), (part, sum) -> sum.add(count.multiply(BigDecimal.valueOf(glance.per()))));
        }
        return Outcome.of(new Parts(sums));
    }

    /**
     * What was typed look by look, with blanks between: {@code 6 2 21 6}. Empty for anything else, which is a figure; refused as by
     * {@link #parts}.
     */
    public Optional<Outcome<Parts>> typed(String text) {
        if (!isLined()) {
            return Optional.empty();
        }
        String plain = BLANKS.matcher(text).replaceAll(" ").strip();
        if (!LOOKS.matcher(plain).matches()) {
            return Optional.empty();
        }
        return Optional.of(
                parts(Arrays.stream(plain.split(" ")).map(BigDecimal::new).toList()));
    }

    /**
     * The sum as it is read, the base first where it is added. On a dial that takes several lines of the beam a turn the needle
     * brings what it stands past the last of them.
     */
    public List<ScaleReading.Step> steps(Parts parts, Length value) {
        List<ScaleReading.Step> steps = ScaleReading.from(besides());
        List<BigDecimal> counts = counts(parts);
        for (int i = 0; i < glances.size(); i++) {
            Glance glance = glances.get(i);
            if (!glance.part().equals(Glance.NO_PART)) {
                steps.add(ScaleReading.Step.of(glance.name(), counts.get(i), glance.worth()));
            }
        }
        if (scale instanceof DialSlide) {
            ScaleReading.Step needle = steps.remove(steps.size() - 1);
            Length before = steps.stream().map(ScaleReading.Step::addend).reduce(Length.ZERO, Length::plus);
            steps.add(new ScaleReading.Step(needle.part(), needle.count(), needle.division(), value.minus(before)));
        }
        return steps;
    }
}
