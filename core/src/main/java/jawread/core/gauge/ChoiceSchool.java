package jawread.core.gauge;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jawread.core.gauge.Method.Held;

/** When a method is good enough for a zone: practitioners disagree. */
public enum ChoiceSchool {
    /** Its uncertainty is a quarter of half the zone, or less: it counts the person, the gauge and the master. */
    QUARTER {
        @Override
        boolean isGood(Method method, Question question, double ratio) {
            return ratio >= 4;
        }
    },
    /** Its resolution is a tenth of the zone, or finer. */
    TENTH {
        @Override
        boolean isGood(Method method, Question question, double ratio) {
            return method.resolution().times(10).compareTo(question.zone()) <= 0;
        }
    },
    /** This person has shown to hold an eighth of the zone with it. */
    SHOWN {
        @Override
        boolean isGood(Method method, Question question, double ratio) {
            return method.held()
                    .map(Held::within)
                    .filter(within -> within.times(8).compareTo(question.zone()) <= 0)
                    .isPresent();
        }
    };

    /** The one that is called so; empty for any other word. */
    public static Optional<ChoiceSchool> of(String code) {
        return Arrays.stream(values())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(code))
                .findFirst();
    }

    /** @param ratio T / (2·U) of the hardest question */
    abstract boolean isGood(Method method, Question question, double ratio);
}
