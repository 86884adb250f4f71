package jawread.core.misread;

import java.util.Locale;
import jawread.core.length.Length;

/**
 * What a reading is held against.
 *
 * @param size ρ
 * @param band B, how far an honest reading may lie from it; not negative
 */
public record Reference(Kind kind, Length size, Length band) {
    /** Best first. */
    public enum Kind {
        /** The same place with another gauge. */
        QUICK,
        /** The other readings of the place. */
        REPEATS,
        /** The other places of the feature. */
        PLACES,
        /** The middle of the limits. */
        DRAWING;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether real form could look like a small slip: then only a slip of three bands is named. */
        boolean formMayExplain() {
            return this == PLACES || this == DRAWING;
        }
    }

    private static final int BANDS_WHERE_FORM_MAY_EXPLAIN = 3;

    public Reference {
        if (band.isNegative()) {
            throw new IllegalArgumentException("A band is not negative, got " + band);
        }
    }

    /** Whether a size lies within the band; its ends belong to it. */
    public boolean agreesWith(Length other) {
        return distanceTo(other).compareTo(band) <= 0;
    }

    /** |size − ρ|. */
    public Length distanceTo(Length other) {
        return other.minus(size).abs();
    }

    /** Whether a slip of this size may be named on this reference. */
    boolean tells(Length slipped) {
        return !kind.formMayExplain() || slipped.abs().compareTo(band.times(BANDS_WHERE_FORM_MAY_EXPLAIN)) >= 0;
    }
}
