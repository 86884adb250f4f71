package jawread.server.drawer;

import java.util.Optional;
import jawread.core.assess.ReadWith;

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

    /** By the numbers they are kept under. */
    public ReadWith readWith() {
        return new ReadWith(gauge.id(), reader.map(Gauge::id));
    }

    /** {@code 6}, or {@code 17-6}: as screens name it. */
    public String key() {
        return readWith().key();
    }

    /** {@code M6}, or {@code T1 + M6}. */
    public String number() {
        return reader.map(of -> gauge.shopNumber() + " + " + of.shopNumber()).orElse(gauge.shopNumber());
    }

    public boolean mayMeasure() {
        return gauge.mayMeasure() && read().mayMeasure();
    }
}
