package jawread.core.judge;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
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

    /** What each feature of a part came to. */
    public enum Verdict {
        IN,
        AS_NEW,
        WORN,
        METAL_LEFT,
        GONE,
        BEYOND_SERVICE,
        TOO_CLOSE,
        UNSETTLED,
        NOT_MEASURED,
        WRONG_WAY,
        IN_DOUBT;

        public static Optional<Verdict> of(String code) {
            return Arrays.stream(values())
                    .filter(each -> each.code().equals(code))
                    .findFirst();
        }

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
     * @param decisiveCondition whether a looked-at item that decides is not ok
     * @param sizeListed whether an oversize or undersize that serves is listed
     * @param betterMethod whether the drawer has one
     */
    public static NextStep of(
            Collection<Verdict> verdicts, boolean decisiveCondition, boolean sizeListed, boolean betterMethod) {
        if (decisiveCondition) {
            return REPLACE_OR_SPECIALIST;
        }
        if (any(verdicts, EnumSet.of(Verdict.WRONG_WAY, Verdict.IN_DOUBT))) {
            return MEASURE_AGAIN;
        }
        if (any(verdicts, EnumSet.of(Verdict.GONE, Verdict.BEYOND_SERVICE))) {
            return sizeListed ? NEXT_SIZE : REPLACE;
        }
        if (any(verdicts, EnumSet.of(Verdict.TOO_CLOSE, Verdict.UNSETTLED, Verdict.NOT_MEASURED))) {
            return betterMethod ? BETTER_METHOD : PERSON_DECIDES;
        }
        return verdicts.contains(Verdict.METAL_LEFT) ? FINISH : USE;
    }

    private static boolean any(Collection<Verdict> verdicts, Set<Verdict> of) {
        return verdicts.stream().anyMatch(of::contains);
    }
}
