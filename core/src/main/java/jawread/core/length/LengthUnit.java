package jawread.core.length;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A unit that a length is typed or shown in. Each is a whole number of picometres. */
public enum LengthUnit {
    INCH("in", 25_400_000_000L, 8),
    MILLIMETRE("mm", 1_000_000_000L, 9),
    MICROMETRE("µm", 1_000_000L, 6),
    /** 0.001 in. */
    THOU("thou", 25_400_000L, 5),
    /** 0.0001 in, whatever the unit of the job: where the word is shown, the figure in both units stands beside it. */
    TENTH("tenths", 2_540_000L, 4);

    /** The suffixes people type. Both code points of µ are in use on keyboards. */
    private static final Map<String, LengthUnit> SUFFIXES = Map.ofEntries(
            Map.entry("in", INCH),
            Map.entry("inch", INCH),
            Map.entry("inches", INCH),
            Map.entry("\"", INCH),
            Map.entry("mm", MILLIMETRE),
            Map.entry("um", MICROMETRE),
            Map.entry("\u00b5m", MICROMETRE),
            Map.entry("\u03bcm", MICROMETRE),
            Map.entry("thou", THOU),
            Map.entry("tenth", TENTH),
            Map.entry("tenths", TENTH));

    private final String symbol;
    private final long picometres;
    private final int mostDecimals;

    LengthUnit(String symbol, long picometres, int mostDecimals) {
        this.symbol = symbol;
        this.picometres = picometres;
        this.mostDecimals = mostDecimals;
    }

    /** What a typed suffix stands for, in any case, or empty when it is no unit of length known here. */
    public static Optional<LengthUnit> ofSuffix(String suffix) {
        return Optional.ofNullable(SUFFIXES.get(suffix.toLowerCase(Locale.ROOT)));
    }

    public String symbol() {
        return symbol;
    }

    public long picometres() {
        return picometres;
    }

    /** One of it. */
    public Length whole() {
        return Length.ofPicometres(picometres);
    }

    /** The most decimals this unit may be typed with and still be a whole number of picometres. */
    public int mostDecimals() {
        return mostDecimals;
    }

    /** The unit a figure in this one is shown in beside it. */
    public LengthUnit other() {
        return isInch() ? MILLIMETRE : INCH;
    }

    public boolean isInch() {
        return this == INCH || this == THOU || this == TENTH;
    }
}
