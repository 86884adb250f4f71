package jawread.core.assess;

import java.util.Locale;
import java.util.Optional;
import jawread.core.form.FormDecision;
import jawread.core.limit.FormLimit;

/**
 * One figure of form, held against its limit where there is one.
 *
 * @param at the section, or of a taper the axis, counted from 0
 */
public record FormFigure(What what, int at, FormDecision decision, Optional<FormLimit> limit) {
    /** What is figured. */
    public enum What {
        /** Largest minus smallest around a section. */
        OUT_OF_ROUND,
        /** The ellipse that fits a section of three axes or more. */
        OVALITY,
        /** Down an axis. */
        TAPER,
        /** Of the whole feature. */
        SPREAD;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public boolean isAround() {
            return this == OUT_OF_ROUND || this == OVALITY;
        }
    }

    public boolean isOut() {
        return is(FormDecision.Word.OUT);
    }

    public boolean isTooClose() {
        return is(FormDecision.Word.TOO_CLOSE);
    }

    public boolean isIn() {
        return is(FormDecision.Word.IN);
    }

    private boolean is(FormDecision.Word word) {
        return decision.word().isPresent() && decision.word().get() == word;
    }

    /** Whether there is more than noise alone makes. */
    public boolean isSeen() {
        return !decision.isNotLargerThanSeen();
    }
}
