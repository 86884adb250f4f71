package jawread.core.limit;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What kind of thing a feature of a part is, and with it the side on which metal can still be taken off. */
public enum FeatureKind {
    OUTSIDE(Cutting.SHRINKS),
    INSIDE(Cutting.GROWS),
    BORE(Cutting.GROWS),
    DEPTH(Cutting.GROWS),
    STEP(Cutting.SHRINKS),
    SLOT(Cutting.GROWS),
    /** From axis to axis: no cut sets it right. */
    CENTRE_DISTANCE(Cutting.CHANGES_NOTHING),
    /** What an indicator shows while the part turns once: there is only a largest one. */
    RUNOUT(Cutting.CHANGES_NOTHING),
    /** Scored, cracked, chipped: looked at, not measured. */
    LOOKED_AT(Cutting.CHANGES_NOTHING);

    /** What cutting, and wear with it, does to the size. */
    private enum Cutting {
        SHRINKS,
        GROWS,
        CHANGES_NOTHING
    }

    private final Cutting cutting;

    FeatureKind(Cutting cutting) {
        this.cutting = cutting;
    }

    /** The kind that is called so; empty for any other word. */
    public static Optional<FeatureKind> of(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code().equals(code)).findFirst();
    }

    /** True where cutting makes the size smaller, so that above the upper limit metal is left. */
    public boolean shrinksWithCutting() {
        return cutting == Cutting.SHRINKS;
    }

    /** False where no cut moves the size toward its limits: a centre distance, a runout. */
    public boolean canBeCut() {
        return cutting != Cutting.CHANGES_NOTHING;
    }

    /** True for what something goes into: of a fit the hole's class is its. */
    public boolean isHole() {
        return this == INSIDE || this == BORE || this == SLOT;
    }

    /** True for what a gauge gives a size of. */
    public boolean isMeasured() {
        return this != LOOKED_AT;
    }

    /** True for what is usually round, so that its size is a diameter and a cut is also said for one side. */
    public boolean isUsuallyRound() {
        return this == OUTSIDE || this == BORE;
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
