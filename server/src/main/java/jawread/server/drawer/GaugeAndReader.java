package jawread.server.drawer;

import java.util.Optional;

/**
 * A gauge to measure with, or a transfer gauge with the one that measures it.
 *
 * @param reader of a transfer gauge; empty for any other
 */
public record GaugeAndReader(Gauge gauge, Optional<Gauge> reader) {
    public static GaugeAndReader of(Gauge gauge) {
        return new GaugeAndReader(gauge, Optional.empty());
    }

    /** The one whose scale is read. */
    public Gauge read() {
        return reader.orElse(gauge);
    }

    /** {@code 6}, or {@code 17-6}: as screens name it. */
    public String key() {
        return reader.map(of -> gauge.id() + "-" + of.id()).orElse(Long.toString(gauge.id()));
    }

    /** {@code M6}, or {@code T1 + M6}. */
    public String number() {
        return reader.map(of -> gauge.shopNumber() + " + " + of.shopNumber()).orElse(gauge.shopNumber());
    }

    public boolean mayMeasure() {
        return gauge.mayMeasure() && read().mayMeasure();
    }
}
