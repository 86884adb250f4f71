package jawread.core.judge;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * What one person holds with one method: a master read again and again, and compared with its certified size. All in µm.
 *
 * @param readings how many there were
 * @param bias mean − certified size
 * @param deviation sample standard deviation, as computed
 * @param student t at 0.975 with n − 1 degrees of freedom
 * @param threshold √((t·s)²/n + Um²): a bias beyond it is no chance
 */
public record KnownSizeTrial(int readings, double bias, double deviation, double student, double threshold) {
    /** With fewer a spread says little. */
    public static final int FEWEST = 10;

    /**
     * Refuses {@code too-few-readings}, and {@code negative-uncertainty}.
     *
     * @param certified the master's size
     * @param masterExpanded its U
     */
    public static Outcome<KnownSizeTrial> of(List<Length> readings, Length certified, Length masterExpanded) {
        if (readings.size() < FEWEST) {
            return Outcome.refused(Refusal.of("too-few-readings")
                    .with("count", readings.size())
                    .with("fewest", FEWEST));
        }
        if (masterExpanded.isNegative()) {
            return Outcome.refused(Refusal.of("negative-uncertainty"));
        }
        int n = readings.size();
        double[] away = readings.stream()
                .mapToDouble(reading -> reading.minus(certified).micrometres())
                .toArray();
        double bias = Spread.mean(away);
        double deviation = Math.sqrt(Spread.squares(away, bias) / (n - 1));
        double student = TDistribution.of(n - 1.0).inverseSurvivalProbability(0.025);
        double chance = student * deviation;
        double master = masterExpanded.micrometres();
        return Outcome.of(
                new KnownSizeTrial(n, bias, deviation, student, Math.sqrt(chance * chance / n + master * master)));
    }

    /** True when check of zero, or of the drag of the hands, is wanted. */
    public boolean isBiased() {
        return Math.abs(bias) > threshold;
    }

    /** |bias| + 2s: "you hold ± so much with this". */
    public double holds() {
        return Math.abs(bias) + 2 * deviation;
    }

    /** s as it is used from now on: not below d/√12, since steps hide what is finer. @param resolution d, zero or above */
    public double spread(Length resolution) {
        return Math.max(deviation, resolution.micrometres() / Math.sqrt(12));
    }
}
