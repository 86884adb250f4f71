package jawread.box;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/** The gauges in the box. */
enum GaugeKind {
    CALIPER("0.01", "0.0005", 2, 4, 8000),
    MICROMETER("0.001", "0.00005", 3, 5, 1000),
    /** Rocked through its smallest figure, which it holds; it shows sizes by one of its presets. */
    BORE_GAUGE("0.001", "0.00005", 3, 5, 1200);

    private final Length millimetreStep;
    private final Length inchStep;
    private final int millimetreDecimals;
    private final int inchDecimals;
    private final long noiseNanometres;

    GaugeKind(String millimetreStep, String inchStep, int millimetreDecimals, int inchDecimals, long noiseNanometres) {
        this.millimetreStep = Length.ofMillimetres(millimetreStep);
        this.inchStep = Length.ofInches(inchStep);
        this.millimetreDecimals = millimetreDecimals;
        this.inchDecimals = inchDecimals;
        this.noiseNanometres = noiseNanometres;
    }

    static Optional<GaugeKind> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    static List<String> codes() {
        return Arrays.stream(values()).map(GaugeKind::code).toList();
    }

    String code() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    Length step(boolean isInch) {
        return isInch ? inchStep : millimetreStep;
    }

    int decimals(boolean isInch) {
        return isInch ? inchDecimals : millimetreDecimals;
    }

    /** How far a steady hand's figures scatter with it. */
    Length usualNoise() {
        return Length.ofPicometres(noiseNanometres * 1000);
    }
}
