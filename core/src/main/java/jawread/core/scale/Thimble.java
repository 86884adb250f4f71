package jawread.core.scale;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A thimble head: value = base + k·s + h·s/t + j·s/(t·v).
 *
 * <p>k whole sleeve divisions s passed; h the thimble's graduation on or last passed at the index line, 0 to t − 1; j the
 * lowest vernier line that coincides, 0 to v − 1. Where there is no vernier one decimal of h may be estimated. At the
 * last sleeve division of the travel only thimble 0 exists.
 *
 * @param sleeveDivision s
 * @param thimbleLines t, graduations a turn
 * @param vernierLines v, 0 where there is no vernier
 * @param travel sleeve divisions from one end to the other
 * @param figureEvery sleeve divisions from one printed figure to the next
 */
public record Thimble(
        String id,
        LengthUnit unit,
        Length sleeveDivision,
        int thimbleLines,
        int vernierLines,
        int travel,
        int figureEvery)
        implements Scale {
    public static final String SLEEVE = "sleeve";
    public static final String THIMBLE = "thimble";
    public static final String VERNIER = "vernier";

    /** One decimal of a division may be estimated by eye; a second one would be invented. */
    private static final int ESTIMATE_DECIMALS = 1;

    public Thimble {
        long steps = (long) thimbleLines * Math.max(1, vernierLines);
        if (steps <= 0 || travel <= 0 || sleeveDivision.picometres() % steps != 0) {
            throw new IllegalArgumentException("A sleeve division of " + sleeveDivision + " does not divide into "
                    + thimbleLines + " × " + vernierLines + " whole steps");
        }
    }

    public boolean hasVernier() {
        return vernierLines > 0;
    }

    /** One graduation of the thimble. */
    public Length thimbleDivision() {
        return sleeveDivision.dividedBy(thimbleLines);
    }

    @Override
    public Length leastCount() {
        return hasVernier() ? thimbleDivision().dividedBy(vernierLines) : thimbleDivision();
    }

    @Override
    public List<ScalePart> parts() {
        var sleeve = new ScalePart(SLEEVE, sleeveDivision, travel, false);
        var thimble = new ScalePart(THIMBLE, thimbleDivision(), thimbleLines - 1, !hasVernier());
        return hasVernier()
                ? List.of(sleeve, thimble, new ScalePart(VERNIER, leastCount(), vernierLines - 1, false))
                : List.of(sleeve, thimble);
    }

    @Override
    public Outcome<ScaleReading> read(Length base, Parts read) {
        var steps = new ArrayList<ScaleReading.Step>();
        if (!base.isZero()) {
            steps.add(new ScaleReading.Step(ScaleReading.BASE, BigDecimal.ONE, base, base));
        }
        boolean atTheEnd = false;
        for (ScalePart part : parts()) {
            Optional<Refusal> refusal = refusalOf(part, read.count(part.name()), atTheEnd);
            if (refusal.isPresent()) {
                return Outcome.refused(refusal.get());
            }
            BigDecimal count = read.count(part.name()).orElseThrow();
            atTheEnd |= part.name().equals(SLEEVE) && count.compareTo(BigDecimal.valueOf(travel)) == 0;
            // Exact: a thimble division is a whole number of tenths of a picometre's multiple for every scale here.
            steps.add(new ScaleReading.Step(
                    part.name(), count, part.division(), part.division().times(count)));
        }
        Length value = steps.stream().map(ScaleReading.Step::addend).reduce(Length.ZERO, Length::plus);
        return Outcome.of(new ScaleReading(value, steps));
    }

    private static Optional<Refusal> refusalOf(ScalePart part, Optional<BigDecimal> count, boolean atTheEnd) {
        int last = atTheEnd ? 0 : part.last();
        if (count.isEmpty()) {
            return Optional.of(refused("missing-part", part, last));
        }
        BigDecimal plain = count.get().stripTrailingZeros();
        if (!part.estimate() && plain.scale() > 0) {
            return Optional.of(refused("part-not-whole", part, last));
        }
        if (plain.scale() > ESTIMATE_DECIMALS) {
            return Optional.of(refused("estimate-too-fine", part, last));
        }
        // An estimate lies below the line after the last: 49.9 is on a thimble of 50, 50 is not. At the end only 0 is.
        BigDecimal whole = plain.setScale(0, atTheEnd ? RoundingMode.CEILING : RoundingMode.FLOOR);
        boolean onIt = plain.signum() >= 0 && whole.compareTo(BigDecimal.valueOf(last)) <= 0;
        return onIt
                ? Optional.empty()
                : Optional.of(refused("part-out-of-range", part, last).with("count", plain.toPlainString()));
    }

    private static Refusal refused(String code, ScalePart part, int last) {
        return Refusal.of(code).with("hint", part.name()).with("last", last);
    }

    @Override
    public Outcome<ScaleSetting> set(Length base, Length wanted) {
        Length end = base.plus(sleeveDivision.times(travel));
        if (wanted.compareTo(base) < 0) {
            return Outcome.refused(
                    Refusal.of("below-range").with("wanted", wanted).with("end", base));
        }
        if (wanted.compareTo(end) > 0) {
            return Outcome.refused(
                    Refusal.of("above-range").with("wanted", wanted).with("end", end));
        }
        long steps = wanted.minus(base).picometres() / leastCount().picometres();
        ScaleSetting.Shown shown = shown(base, steps, wanted);
        return Outcome.of(new ScaleSetting(
                shown, shown.error().isZero() ? Optional.empty() : Optional.of(shown(base, steps + 1, wanted))));
    }

    private ScaleSetting.Shown shown(Length base, long leastCounts, Length wanted) {
        var counts = new LinkedHashMap<String, Long>();
        long rest = leastCounts * leastCount().picometres();
        for (ScalePart part : parts()) {
            long division = part.division().picometres();
            counts.put(part.name(), rest / division);
            rest %= division;
        }
        Length value = base.plus(leastCount().times(leastCounts));
        return new ScaleSetting.Shown(Parts.of(counts), value, value.minus(wanted));
    }
}
