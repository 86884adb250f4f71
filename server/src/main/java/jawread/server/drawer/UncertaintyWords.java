package jawread.server.drawer;

import java.util.List;
import java.util.Map;
import jawread.core.judge.GaugeError;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Uncertainty.Contribution;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.drawer.UncertaintyView.ContributionView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts an uncertainty into figures and words. */
@Component
public class UncertaintyWords {
    private static final double MOSTLY = 0.5;
    private final Figures figures;
    private final Words words;

    UncertaintyWords(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** @param calibrated whether the gauge's own share comes of a calibration rather than of what such a gauge may show */
    public UncertaintyView of(Uncertainty uncertainty, LengthUnit unit, boolean calibrated) {
        double whole = uncertainty.standard() * uncertainty.standard();
        List<ContributionView> contributions = uncertainty.contributions().stream()
                .filter(each -> each.variance() > 0)
                .map(each -> new ContributionView(
                        each.source().code(),
                        name(each, calibrated),
                        figures.significant(Length.nearest(2 * each.micrometres()), unit),
                        (int) Math.round(100 * each.variance() / whole)))
                .toList();
        Contribution first = uncertainty.contributions().get(0);
        String key = whole == 0
                ? "uncertainty.none"
                : first.variance() / whole > MOSTLY ? "uncertainty.mostly" : "uncertainty.first";
        return new UncertaintyView(
                figures.significant(Length.nearest(uncertainty.expanded()), unit),
                words.say(key, Map.of("source", name(first, calibrated))),
                contributions);
    }

    private String name(Contribution contribution, boolean calibrated) {
        String key = "uncertainty." + contribution.source().code();
        return words.say(calibrated && words.has(key + ".calibrated") ? key + ".calibrated" : key);
    }

    /** Whether what a method may be out by comes of a calibration. */
    public static boolean isCalibrated(Gauge gauge) {
        return Methods.atHand(gauge)
                .ownError()
                .filter(GaugeError.Calibrated.class::isInstance)
                .isPresent();
    }
}
