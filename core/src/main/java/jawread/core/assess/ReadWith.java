package jawread.core.assess;

import java.util.Optional;

/**
 * The gauge a size was taken with.
 *
 * @param gauge the number it is kept under
 * @param reader whose scale was read, where the gauge was only carried to it
 */
public record ReadWith(long gauge, Optional<Long> reader) {
    /** The one whose scale is read. */
    public long read() {
        return reader.orElse(gauge);
    }

    /** {@code 6}, or {@code 17-6}: as screens name it. */
    public String key() {
        return reader.map(of -> gauge + "-" + of).orElse(Long.toString(gauge));
    }
}
