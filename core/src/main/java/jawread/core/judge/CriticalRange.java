package jawread.core.judge;

import java.math.BigInteger;
import java.util.Map;
import java.util.TreeMap;
import jawread.core.length.Length;

/**
 * How far apart n honest readings of one place may lie.
 *
 * <p>CR(n) = f(n)·√(s² + d²/12), rounded up to a whole number of steps d, because readings differ by whole steps only; an
 * exact whole number stays. s: spread of single readings, d: resolution step, both in pm, d above zero. f(n): the range
 * of n normal readings that is exceeded once in twenty, ISO 5725-6. Equality is agreement.
 *
 * <p>Exact: the square is compared in whole numbers, so that no root is rounded across a step.
 */
public final class CriticalRange {
    /** Ten times f(n), to stay whole. f(2) = 2.8 = 1.96·√2: the gap two honest readings exceed once in twenty. */
    private static final TreeMap<Integer, Integer> TENFOLD_FACTOR = new TreeMap<>(Map.ofEntries(
            Map.entry(2, 28),
            Map.entry(3, 33),
            Map.entry(4, 36),
            Map.entry(5, 39),
            Map.entry(6, 40),
            Map.entry(7, 42),
            Map.entry(8, 43),
            Map.entry(9, 44),
            Map.entry(10, 45),
            Map.entry(12, 46),
            Map.entry(16, 49),
            Map.entry(24, 52),
            Map.entry(40, 55)));

    private static final BigInteger TWELVE = BigInteger.valueOf(12);
    private static final BigInteger HUNDRED = BigInteger.valueOf(100);

    private CriticalRange() {}

    /** Ten times f(n); for a count between two listed ones that of the next higher, beyond the last the last. */
    static int tenfoldFactor(int readings) {
        var entry = TENFOLD_FACTOR.ceilingEntry(readings);
        return (entry == null ? TENFOLD_FACTOR.lastEntry() : entry).getValue();
    }

    /**
     * CR(n).
     *
     * @param readings n, at least 2
     * @param spread s, zero or above
     * @param resolution d, above zero
     */
    public static Length of(int readings, Length spread, Length resolution) {
        if (!(readings >= 2 && spread.picometres() >= 0 && resolution.picometres() > 0)) {
            throw new IllegalArgumentException("A critical range needs 2 readings or more, s >= 0 and d > 0; got "
                    + readings + ", " + spread + ", " + resolution);
        }
        BigInteger d2 = square(resolution.picometres());
        // (m·d)² ≥ f²·(s² + d²/12)  ⇔  m² ≥ (10f)²·(12·s² + d²) / (1200·d²)
        BigInteger over = square(tenfoldFactor(readings))
                .multiply(TWELVE.multiply(square(spread.picometres())).add(d2));
        BigInteger under = HUNDRED.multiply(TWELVE).multiply(d2);
        BigInteger steps = over.divide(under).sqrt();
        while (steps.multiply(steps).multiply(under).compareTo(over) < 0) {
            steps = steps.add(BigInteger.ONE);
        }
        return resolution.times(steps.longValueExact());
    }

    private static BigInteger square(long value) {
        return BigInteger.valueOf(value).pow(2);
    }
}
