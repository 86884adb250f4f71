package jawread.core.walk;

import java.util.Comparator;
import java.util.List;
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
    /** A row of the table: what such a zone, and any wider one up to the next row's, is measured with. */
    private record Usual(FeatureKind kind, Length zoneFrom, MeasuringTime time) {}

    private static final List<Usual> TIMES = Table.beside(MeasuringTime.class, "times.csv").rows().stream()
            .map(row -> new Usual(
                    FeatureKind.of(row.text("kind")).orElseThrow(),
                    Length.ofMicrometres(Long.parseLong(row.text("zone_from_um"))),
                    new MeasuringTime(
                            row.text("with"),
                            Integer.parseInt(row.text("seconds")),
                            Integer.parseInt(row.text("set_up_seconds")))))
            .toList();

    /** @param zone between the limits; empty when one is open */
    public static MeasuringTime usual(FeatureKind kind, Optional<Length> zone) {
        return TIMES.stream()
                .filter(usual -> usual.kind() == kind)
                .filter(usual -> usual.zoneFrom().compareTo(zone.orElse(Length.ZERO)) <= 0)
                .max(Comparator.comparing(Usual::zoneFrom))
                .map(Usual::time)
                .orElseThrow();
    }

    /** @param readings places × repeats; none take no time, not even the set-up */
    public long seconds(int readings) {
        return readings == 0 ? 0 : setUpSeconds + (long) readings * secondsAReading;
    }
}
