package jawread.server.job;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * What a part is called and known by.
 *
 * @param mark serial number, or what is stamped or painted on it
 * @param runningHours zero or above
 */
public record PartHead(String name, String mark, Optional<BigDecimal> runningHours) {
    public PartHead {
        name = name.strip();
        mark = mark.strip();
    }

    public static PartHead of(String name, String mark) {
        return new PartHead(name, mark, Optional.empty());
    }
}
