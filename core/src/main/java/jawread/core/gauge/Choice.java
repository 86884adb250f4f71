package jawread.core.gauge;

import java.util.Optional;
import jawread.core.judge.Uncertainty;

/**
 * A method weighed for a feature.
 *
 * @param condition of the gauge, or of its reader where that is worse
 * @param uncertainty of a place's value; empty for a method that cannot be put to it
 * @param ratio T / (2·U) of the hardest question; empty where there is no zone to decide
 * @param hardest the question it does worst on
 * @param repeats a place
 * @param seconds for the whole feature, getting ready among them
 */
public record Choice(
        Method method,
        Condition condition,
        Fitness fitness,
        Optional<Uncertainty> uncertainty,
        Optional<Double> ratio,
        Optional<Question> hardest,
        int repeats,
        long seconds) {
    static Choice refused(Method method, Condition condition, Fitness why) {
        return new Choice(method, condition, why, Optional.empty(), Optional.empty(), Optional.empty(), 0, 0);
    }
}
