package jawread.core.gauge;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;

/** What the two ends of a limit gauge did. */
public enum LimitTry {
    /** As it should be: the go end goes, and the no-go end does not. */
    GOES,
    /** The go end does not go: metal is left. */
    GO_STOPS,
    /** The no-go end goes, too: too much is gone. */
    NO_GO_GOES;

    /** The one that is called so; empty for any other word. */
    public static Optional<LimitTry> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether the go end went. */
    public boolean hasGone() {
        return this != GO_STOPS;
    }

    /** The size of the go end. @param isOutside of a ring or a snap; of a plug it is the smaller */
    public static Length goEnd(boolean isOutside, Range ends) {
        return isOutside ? ends.high() : ends.low();
    }

    /**
     * Between which sizes the part then lies; beyond one end it is open.
     *
     * @param isOutside of a ring or a snap, whose go end is the larger; of a plug it is the smaller
     * @param ends of the gauge
     */
    public Bracket within(boolean isOutside, Range ends) {
        if (this == GOES) {
            return new Bracket(ends.low(), ends.high());
        }
        return isOutside == (this == GO_STOPS)
                ? new Bracket(ends.high(), Length.LARGEST_SIZE)
                : new Bracket(Length.ZERO, ends.low());
    }
}
