package jawread.core.scale;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A display: value = base + the figure shown. Its last place goes by the resolution, 0.0005 in or 0.001 mm: a figure that it
 * cannot show is refused as {@code not-on-scale}.
 *
 * @param leastCount the resolution
 * @param reach resolutions from zero to the usual end
 */
public record Digits(String id, LengthUnit unit, Length leastCount, int reach) implements Scale {
    static final String FAMILY = "digits";
    public static final String SHOWN = "shown";
    private static final Set<String> NAMES = Set.of(SHOWN);

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        return List.of(new ScalePart(SHOWN, unit.whole(), ScalePart.NO_START, ScalePart.NO_END, true));
    }

    @Override
    public Set<String> partNames() {
        return NAMES;
    }

    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        return read.count(SHOWN)
                .map(shown -> figure(base, shown))
                .orElseGet(() -> Outcome.refused(refusal("missing-part")));
    }

    private Outcome<ScaleReading> figure(Length base, BigDecimal shown) {
        BigDecimal steps = shown.multiply(BigDecimal.valueOf(unit.picometres()))
                .divide(BigDecimal.valueOf(leastCount.picometres()));
        if (steps.stripTrailingZeros().scale() > 0) {
            return Outcome.refused(refusal("not-on-scale").with("shown", shown.toPlainString()));
        }
        List<ScaleReading.Step> all = ScaleReading.from(base);
        all.add(ScaleReading.Step.of(SHOWN, shown, unit.whole()));
        // Every figure of a display has decimals; none of them was judged between two lines.
        return Outcome.of(new ScaleReading(ScaleReading.sumOf(all).value(), all, false));
    }

    private Refusal refusal(String code) {
        return Refusal.of(code)
                .with("hint", SHOWN)
                .with("part", SHOWN)
                .with("counts", new ScalePart.Counts(ScalePart.NO_START, ScalePart.NO_END))
                .with("step", leastCount);
    }

    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        return ScaleSetting.around(base, wanted, leastCount, steps -> {
            BigDecimal figure = BigDecimal.valueOf(steps)
                    .multiply(BigDecimal.valueOf(leastCount.picometres()))
                    .divide(BigDecimal.valueOf(unit.picometres()));
            return new Parts(Map.of(SHOWN, figure));
        });
    }

    @Override
    public List<Trap> traps() {
        return List.of();
    }
}
