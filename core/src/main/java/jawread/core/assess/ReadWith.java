package jawread.core.assess;

import java.util.Objects;
import java.util.Optional;

/**
 * The gauge a size was taken with.
 *
 * @param gauge the number it is kept under
 * @param reader whose scale was read, where the gauge was only carried to it
 * @param onMaster whether it is a micrometer that was set on a master near the size, which is a method of its own
 */
public record ReadWith(long gauge, Optional<Long> reader, boolean onMaster) {
    public ReadWith(long gauge, Optional<Long> reader) {
        this(gauge, reader, false);
    }

    /** Written out: every reading is compared with those beside it, and what a record brings along takes several times as long. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof ReadWith with
                        && gauge == with.gauge
                        && onMaster == with.onMaster
                        && reader.equals(with.reader);
    }

    @Override
    public int hashCode() {
        return Objects.hash(gauge, reader, onMaster);
    }

    /** The one whose scale is read. */
    public long read() {
        return reader.orElse(gauge);
    }

    /** {@code 6}, or {@code 17-6}, or {@code 6m} on a master: as screens name it. */
    public String key() {
        return reader.map(of -> gauge + "-" + of).orElse(Long.toString(gauge)) + (onMaster ? "m" : "");
    }
}
