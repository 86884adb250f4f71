package jawread.server.job;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * One of the parts that a plan serves.
 *
 * @param isToldByMark whether it was listed when its mark alone told in which other jobs it stands
 */
public record Part(long id, Plan plan, PartHead head, boolean isToldByMark) {
    public Job job() {
        return plan.job();
    }

    public String name() {
        return head.name();
    }

    /** Serial number, or what is stamped or painted on it. */
    public String mark() {
        return head.mark();
    }

    /** How long it has run; empty where nobody counts. */
    public Optional<BigDecimal> runningHours() {
        return head.runningHours();
    }
}
