package jawread.core.judge;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** What comes next for a part, by the first rule that holds. */
public enum NextStep {
    REPLACE_OR_SPECIALIST(Rule.CONDITION),
    MEASURE_AGAIN(Rule.MEASURE_AGAIN),
    NEXT_SIZE(Rule.GONE),
    REPLACE(Rule.GONE),
    BETTER_METHOD(Rule.UNDECIDED),
    PERSON_DECIDES(Rule.UNDECIDED),
    FINISH(Rule.METAL_LEFT),
    USE(Rule.ALL_IN);

    private final Rule rule;

    NextStep(Rule rule) {
        this.rule = rule;
    }

    /** In the order in which they are asked. */
    public enum Rule {
        /** A looked-at item that decides is not ok. */
        CONDITION,
        MEASURE_AGAIN,
        GONE,
        UNDECIDED,
        METAL_LEFT,
        ALL_IN;

        public String code() {
            return hyphened(this);
        }
    }

    private static String hyphened(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String code() {
        return hyphened(this);
    }

    /** The one that fired. */
    public Rule rule() {
        return rule;
    }

    /**
     * @param verdicts of the features of a part
     * @param decisiveCondition whether a looked-at item that decides is not ok
     * @param sizeListed whether an oversize or undersize that serves is listed
     * @param betterMethod whether the drawer has one
     */
    public static NextStep of(
            Collection<SizeVerdict> verdicts, boolean decisiveCondition, boolean sizeListed, boolean betterMethod) {
        if (decisiveCondition) {
            return REPLACE_OR_SPECIALIST;
        }
        if (any(verdicts, EnumSet.of(SizeVerdict.WRONG_WAY, SizeVerdict.IN_DOUBT))) {
            return MEASURE_AGAIN;
        }
        if (any(verdicts, EnumSet.of(SizeVerdict.GONE, SizeVerdict.BEYOND_SERVICE))) {
            return sizeListed ? NEXT_SIZE : REPLACE;
        }
        if (any(verdicts, EnumSet.of(SizeVerdict.TOO_CLOSE, SizeVerdict.UNSETTLED, SizeVerdict.NOT_MEASURED))) {
            return betterMethod ? BETTER_METHOD : PERSON_DECIDES;
        }
        return verdicts.contains(SizeVerdict.METAL_LEFT) ? FINISH : USE;
    }

    private static boolean any(Collection<SizeVerdict> verdicts, Set<SizeVerdict> of) {
        return verdicts.stream().anyMatch(of::contains);
    }
}
