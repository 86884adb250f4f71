package jawread.core.assess;

import java.util.List;
import java.util.Optional;
import jawread.core.doubt.ZeroStrip;
import jawread.core.gauge.Adds;
import jawread.core.gauge.Condition;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.scale.Feeler;
import jawread.core.scale.Scale;
import jawread.core.stack.FeelerGap;

/**
 * A gauge of the drawer as it stands.
 *
 * @param id the number it is kept under
 * @param scale of its own that is read; empty for a transfer gauge and for pins
 * @param base what it adds on its own
 * @param adds its rods, collars or nibs
 * @param zeros the looks at its zero
 * @param onMaster of a micrometer, the looks at how it stood on the masters that it was set on; none of any other
 */
public record Instrument(
        long id,
        GaugeAtHand gauge,
        Optional<Scale> scale,
        Length base,
        Adds adds,
        ZeroStrip zeros,
        ZeroStrip onMaster) {
    public Instrument(long id, GaugeAtHand gauge, Optional<Scale> scale, Length base, ZeroStrip zeros) {
        this(id, gauge, scale, base, Adds.NONE, zeros, ZeroStrip.NONE);
    }

    /** All that it may add, by its rods, collars or nibs, its own among them. */
    public List<Length> bases() {
        return adds.bases(base).stream().map(Adds.Base::size).toList();
    }

    /** What makes a base of it; empty for one that nothing of it makes by now. */
    public Optional<Adds.Base> made(Length size) {
        return adds.bases(base).stream()
                .filter(each -> each.size().equals(size))
                .findFirst();
    }

    /** The looks from which doubt travels back to what was read with it so. */
    public ZeroStrip zerosOf(ReadWith with) {
        return with.onMaster() ? onMaster : zeros;
    }

    public boolean hasScale() {
        return scale.isPresent();
    }

    public String number() {
        return gauge.number();
    }

    /** Whether a laboratory has said how well it measures. */
    public boolean isCalibrated() {
        return gauge.ownError().filter(GaugeError.Calibrated.class::isInstance).isPresent();
    }

    /**
     * How it stands, but for the date of its calibration, which hangs on the day.
     *
     * @param isOnMaster whether it is put to use as a micrometer on a master, whose zero then does not matter
     */
    public Condition condition(boolean isOnMaster) {
        if (isOnMaster) {
            return onMaster.sets().isEmpty() ? Condition.NEVER_SET : Condition.IN_ORDER;
        }
        if (!gauge.kind().hasZero()) {
            return Condition.IN_ORDER;
        }
        if (gauge.kind().isComparator() && zeros.sets().isEmpty()) {
            return Condition.NEVER_SET;
        }
        if (zeros.isNew()) {
            return Condition.NEVER_CHECKED;
        }
        return zeros.isLeftOff() ? Condition.FOUND_OFF : Condition.IN_ORDER;
    }

    /** How many leaves make a thickness, the fewest; one of any gauge that is not laid together. */
    int piecesOf(Length thickness) {
        return scale.filter(Feeler.class::isInstance)
                .map(Feeler.class::cast)
                .flatMap(feeler ->
                        FeelerGap.of(feeler.leaves(), thickness.minus(base)).go())
                .map(laid -> laid.leaves().size())
                .orElse(1);
    }
}
