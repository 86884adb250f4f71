package jawread.core.judge;

import java.util.Optional;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.ServiceLimit;

/**
 * What is demanded of a size.
 *
 * @param limits of a new part; empty where only a service limit is known
 * @param service how far it may wear
 */
public record Demand(FeatureKind kind, Optional<Limits> limits, Optional<ServiceLimit> service) {
    public Demand {
        if (limits.isEmpty() && service.isEmpty()) {
            throw new IllegalArgumentException("Nothing is demanded of this " + kind.code());
        }
    }

    /** Of a new part alone. */
    public static Demand of(FeatureKind kind, Limits limits) {
        return new Demand(kind, Optional.of(limits), Optional.empty());
    }

    /** Between which it may be used: as far as it may wear, where that is known. */
    public Limits usable() {
        return service.map(ServiceLimit::length)
                .map(worn -> kind.shrinksWithCutting()
                        ? new Limits(Optional.of(worn), limits.flatMap(Limits::high))
                        : new Limits(limits.flatMap(Limits::low), Optional.of(worn)))
                .orElseGet(this::shown);
    }

    /** The limits of a new part, else the service limit alone: what a size is drawn between. */
    public Limits shown() {
        return limits.orElseGet(() -> kind.shrinksWithCutting()
                ? Limits.atLeast(service.orElseThrow().length())
                : Limits.atMost(service.orElseThrow().length()));
    }
}
