package jawread.core.limit;

import java.util.Locale;

/** What kind of size a feature has, and with it the side on which metal can still be taken off. */
public enum FeatureKind {
    OUTSIDE(true),
    STEP(true),
    INSIDE(false),
    BORE(false),
    DEPTH(false),
    SLOT(false);

    private final boolean shrinksWithCutting;

    FeatureKind(boolean shrinksWithCutting) {
        this.shrinksWithCutting = shrinksWithCutting;
    }

    /** True where cutting makes the size smaller, so that above the upper limit metal is left. */
    public boolean shrinksWithCutting() {
        return shrinksWithCutting;
    }

    /** True for what something goes into: of a fit the hole's class is its. */
    public boolean isHole() {
        return this == INSIDE || this == BORE || this == SLOT;
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
