package jawread.server.job;

import java.math.BigDecimal;
import java.util.Optional;

/** One of the parts that a plan serves. */
public record Part(long id, Plan plan, PartHead head) {
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
