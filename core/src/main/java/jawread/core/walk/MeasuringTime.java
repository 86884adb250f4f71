package jawread.core.walk;

import java.util.Comparator;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.table.Table;

/**
 * How long a feature takes: set-up + places × repeats × one reading. Planned before a gauge is chosen, by what this kind and
 * this width of zone are usually measured with.
 *
 * @param with what it is usually measured with
 * @param secondsAReading one repeat at one place
 * @param setUpSeconds once a feature
 */
public record MeasuringTime(String with, int secondsAReading, int setUpSeconds) {
    private static final Table TIMES = Table.beside(MeasuringTime.class, "times.csv");

    /** @param zone between the limits; empty when one is open */
    public static MeasuringTime usual(FeatureKind kind, Optional<Length> zone) {
        return TIMES.rows().stream()
                .filter(row -> row.text("kind").equals(kind.code()))
                .filter(row -> Length.ofMicrometres(Long.parseLong(row.text("zone_from_um")))
                                .compareTo(zone.orElse(Length.ZERO))
                        <= 0)
                .max(Comparator.comparingLong(row -> Long.parseLong(row.text("zone_from_um"))))
                .map(row -> new MeasuringTime(
                        row.text("with"),
                        Integer.parseInt(row.text("seconds")),
                        Integer.parseInt(row.text("set_up_seconds"))))
                .orElseThrow();
    }

    /** @param readings places × repeats; none take no time, not even the set-up */
    public long seconds(int readings) {
        return readings == 0 ? 0 : setUpSeconds + (long) readings * secondsAReading;
    }
}
