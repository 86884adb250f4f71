package jawread.core.heat;

import java.math.BigDecimal;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * Something of a material at a temperature.
 *
 * @param celsius from −60 to 300 °C
 */
public record Warm(Material material, BigDecimal celsius) {
    /** Sizes are stated at it (ISO 1). */
    public static final BigDecimal REFERENCE = BigDecimal.valueOf(20);

    /** Parts chilled to be shrunk in, and parts still hot from a furnace: beyond these nobody holds a gauge to one. */
    public static final BigDecimal COLDEST = BigDecimal.valueOf(-60);

    public static final BigDecimal HOTTEST = BigDecimal.valueOf(300);

    private static final BigDecimal MILLION = BigDecimal.valueOf(1_000_000);

    /** Refuses {@code bad-temperature}. */
    public static Outcome<Warm> of(Material material, BigDecimal celsius) {
        return celsius.compareTo(COLDEST) >= 0 && celsius.compareTo(HOTTEST) <= 0
                ? Outcome.of(new Warm(material, celsius))
                : Outcome.refused(Refusal.of("bad-temperature")
                        .with("celsius", celsius.toPlainString())
                        .with("coldest", COLDEST.intValue())
                        .with("hottest", HOTTEST.intValue()));
    }

    /** 1 + α·(T − 20): how many times its length at 20 °C it is long. Exact. */
    BigDecimal growth() {
        BigDecimal alpha = material.perMillionKelvin().divide(MILLION);
        return BigDecimal.ONE.add(alpha.multiply(celsius.subtract(REFERENCE)));
    }
}
