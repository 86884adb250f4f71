package jawread.server.drawer;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.core.gauge.Adds;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;

/**
 * One gauge of the drawer, as it stands.
 *
 * @param version goes back with a change
 * @param state as somebody left it; a calibration that has run out makes it due besides
 */
public record Gauge(long id, long version, GaugeHead head, Optional<Calibration> calibration, GaugeState state) {
    /** The number on it, as the shop's people call it: M6. */
    public String shopNumber() {
        return head.shopNumber();
    }

    public String name() {
        return head.name();
    }

    public GaugeKind kind() {
        return head.kind();
    }

    public LengthUnit unit() {
        return head.unit();
    }

    /** Whether it has a scale of its own that is read. */
    public boolean hasScale() {
        return head.scale().isPresent();
    }

    /**
     * A slide's scale ends with the gauge's range; a head has its own travel, whatever rods it bears. Throws
     * {@link IllegalStateException} for a gauge that has none.
     */
    public Scale scale() {
        Scale scale = head.scale().orElseThrow(() -> new IllegalStateException("No scale on " + shopNumber()));
        return scale instanceof LinedScale slide && !(slide instanceof Thimble)
                ? slide.reaching((int) (range().high().minus(base()).picometres()
                        / slide.coarse().picometres()))
                : scale;
    }

    /** The least count of its scale, the step of a set of pins; zero for what has neither. */
    public Length leastCount() {
        return hasScale() ? scale().leastCount() : step().orElse(Length.ZERO);
    }

    public Length base() {
        return head.base();
    }

    /** Its rods, collars, nibs. */
    public Adds adds() {
        return head.adds();
    }

    /** All it can stand on, its own base among them. */
    public List<Length> bases() {
        return made().stream().map(Adds.Base::size).toList();
    }

    /** The same, each with what it is made of. */
    public List<Adds.Base> made() {
        return adds().bases(base());
    }

    public Range range() {
        return head.range();
    }

    /** From one pin of a set to the next. */
    public Optional<Length> step() {
        return head.step();
    }

    /** s from its data sheet; empty while its kind's starting value stands. */
    public Optional<Length> spread() {
        return head.spread();
    }

    /** The largest error its data sheet allows; empty while its kind's starting value stands. */
    public Optional<Length> error() {
        return head.error();
    }

    /** How deep into a hole; empty while its kind's starting value stands. */
    public Optional<Length> reach() {
        return head.reach();
    }

    public int allowedSteps() {
        return head.allowedSteps();
    }

    /** What its zero may be out without anything being done. */
    public Length allowedError() {
        return leastCount().times((long) allowedSteps());
    }

    public boolean switchable() {
        return head.switchable();
    }

    /** By which it may be measured, of a transfer gauge; none named: by any that can. */
    public Set<Long> readers() {
        return Set.copyOf(head.readers());
    }

    /** As it stands on a day: a calibration that has run out makes it due. */
    public GaugeState stateOn(LocalDate day) {
        boolean due = state == GaugeState.IN_USE
                && calibration
                        .flatMap(Calibration::due)
                        .filter(until -> until.isBefore(day))
                        .isPresent();
        return due ? GaugeState.DUE : state;
    }

    /** Whether its readings are taken: neither quarantined nor retired. */
    public boolean mayMeasure() {
        return state.mayMeasure();
    }
}
