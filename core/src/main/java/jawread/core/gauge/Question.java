package jawread.core.gauge;

import java.util.Locale;
import jawread.core.length.Length;

/**
 * One thing that a method must be able to decide on a feature.
 *
 * @param zone T, its width: between the limits of size, or the form limit as a difference of diameters; above zero
 */
public record Question(About about, Length zone) {
    /** What it asks. */
    public enum About {
        SIZE(false),
        OUT_OF_ROUND(true),
        TAPER(true);

        private final boolean form;

        About(boolean form) {
            this.form = form;
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public Question {
        if (!(zone.picometres() > 0)) {
            throw new IllegalArgumentException("A zone to be decided is above zero, not " + zone);
        }
    }

    /** A difference of two places, where what is the same for both drops out. */
    public boolean isForm() {
        return about.form;
    }
}
