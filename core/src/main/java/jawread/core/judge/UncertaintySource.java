package jawread.core.judge;

import java.util.Locale;

/** Where a part of the uncertainty of a place's value comes from. */
public enum UncertaintySource {
    /** d²/12: nothing finer than a step can be told; of a comparator once at setting and once at reading. */
    RESOLUTION,
    /** a²/3 of what the gauge itself may be out, or (U/2)² of its calibration. */
    GAUGE,
    /** s²/n: how much the readings of these hands differ. */
    REPEAT,
    /** (Um/2)² of the master that a comparator was set on. */
    MASTER,
    /** Part and gauge may differ in temperature by δT. */
    TEMPERATURE,
    /** A correction for temperature rests on coefficients known to a tenth. */
    EXPANSION,
    /** Two materials in a room that nobody has put a thermometer in. */
    MATERIAL;

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
