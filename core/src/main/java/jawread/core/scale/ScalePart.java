package jawread.core.scale;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * One part of a scale.
 *
 * @param name as in the reading's parts: {@code sleeve}, {@code thimble}, {@code vernier}
 * @param division what one count of it is worth
 * @param first the smallest count there is, or {@link #NO_START}
 * @param last the largest count there is, or {@link #NO_END} where only the gauge's own range ends it
 * @param estimate whether one decimal of a division may be read between two lines
 */
public record ScalePart(String name, Length division, int first, int last, boolean estimate) {
    public static final int NO_START = Integer.MIN_VALUE;
    public static final int NO_END = Integer.MAX_VALUE;

    /** One decimal of a division may be judged by eye; a second one would be invented. */
    private static final int ESTIMATE_DECIMALS = 1;

    /** A part counted in whole lines from 0. */
    public static ScalePart whole(String name, Length division, int last) {
        return new ScalePart(name, division, 0, last, false);
    }

    /** A part counted from 0, between whose lines one decimal may be judged. */
    public static ScalePart judged(String name, Length division, int last) {
        return new ScalePart(name, division, 0, last, true);
    }

    /** The same part, ended elsewhere. */
    public ScalePart upTo(int newLast) {
        return new ScalePart(name, division, first, newLast, estimate);
    }

    /**
     * This part's count among those read. Refusals, with the part as hint: {@code missing-part}, {@code part-not-whole},
     * {@code estimate-too-fine}, {@code part-out-of-range}.
     *
     * @param under what its name begins with there, for a scale read at two positions; else empty
     */
    Outcome<BigDecimal> countIn(Parts read, String under) {
        Optional<BigDecimal> count = read.count(under + name);
        if (count.isEmpty()) {
            return refused("missing-part", under);
        }
        // Zero keeps its scale when stripped of nothing else; stripping makes 4.0 as whole as 4.
        BigDecimal plain = count.get().stripTrailingZeros();
        if (!estimate && plain.scale() > 0) {
            return refused("part-not-whole", under);
        }
        if (plain.scale() > ESTIMATE_DECIMALS) {
            return refused("estimate-too-fine", under);
        }
        return isOn(plain) ? Outcome.of(count.get()) : refused("part-out-of-range", under);
    }

    /** An estimate lies below the line after the last: 49.9 is on a thimble of 50, 50 is not. At the very end only 0 is. */
    private boolean isOn(BigDecimal count) {
        BigDecimal whole = count.setScale(0, last == 0 ? RoundingMode.CEILING : RoundingMode.FLOOR);
        return count.compareTo(BigDecimal.valueOf(first)) >= 0 && whole.compareTo(BigDecimal.valueOf(last)) <= 0;
    }

    /** The counts there are. */
    public record Counts(int first, int last) {
        public boolean hasStart() {
            return first != NO_START;
        }

        public boolean hasEnd() {
            return last != NO_END;
        }
    }

    private <T> Outcome<T> refused(String code, String under) {
        return Outcome.refused(
                Refusal.of(code).with("hint", under + name).with("part", name).with("counts", new Counts(first, last)));
    }
}
