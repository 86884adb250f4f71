package jawread.server.drawer;

import java.util.Optional;
import jawread.core.assess.ReadWith;
import jawread.core.gauge.Method;

/**
 * A gauge to measure with, a transfer gauge with the one that measures it, or a micrometer set on a master near the size.
 *
 * @param reader of a transfer gauge; empty for any other
 * @param onMaster whether it is a micrometer that is set on a master
 */
public record GaugeAndReader(Gauge gauge, Optional<Gauge> reader, boolean onMaster) {
    public static GaugeAndReader of(Gauge gauge) {
        return new GaugeAndReader(gauge, Optional.empty(), false);
    }

    static GaugeAndReader onMaster(Gauge micrometer) {
        return new GaugeAndReader(micrometer, Optional.empty(), true);
    }

    static GaugeAndReader carried(Gauge gauge, Gauge reader) {
        return new GaugeAndReader(gauge, Optional.of(reader), false);
    }

    /** Whether its figures rest on a master that it is set on. */
    public boolean isSet() {
        return onMaster || gauge.kind().isComparator();
    }

    /** The one whose scale is read. */
    public Gauge read() {
        return reader.orElse(gauge);
    }

    /** By the numbers they are kept under. */
    public ReadWith readWith() {
        return new ReadWith(gauge.id(), reader.map(Gauge::id), onMaster);
    }

    /** {@code 6}, {@code 17-6}, or {@code 6m} on a master: as screens name it. */
    public String key() {
        return readWith().key();
    }

    /** {@code M6}, {@code T1 + M6}, or {@code M6 on a master}. */
    public String number() {
        return reader.map(of -> gauge.shopNumber() + " + " + of.shopNumber()).orElse(gauge.shopNumber())
                + (onMaster ? Method.ON_A_MASTER : "");
    }

    public boolean mayMeasure() {
        return gauge.mayMeasure() && read().mayMeasure();
    }
}
