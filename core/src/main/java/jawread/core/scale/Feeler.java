package jawread.core.scale;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.stack.FeelerGap;
import jawread.core.stack.FeelerGap.Laid;

/**
 * A set of feeler leaves: value = base + the sum of the leaves that pass together. Each leaf is a part, named by its
 * thickness in the scale's unit, with count 1 where it is taken; a leaf that is not named is not taken.
 *
 * @param leaves thin to thick, no thickness twice
 */
public record Feeler(String id, LengthUnit unit, List<Length> leaves) implements Scale {
    static final String FAMILY = "feeler";

    public Feeler {
        leaves = List.copyOf(leaves);
        if (leaves.isEmpty() || !leaves.stream().sorted().distinct().toList().equals(leaves)) {
            throw new IllegalArgumentException("Leaves are given thin to thick, no thickness twice, not " + leaves);
        }
    }

    /** The thinnest leaf. */
    @Override
    public Length leastCount() {
        return leaves.get(0);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        return leaves.stream()
                .map(leaf -> ScalePart.whole(nameOf(leaf), leaf, 1))
                .toList();
    }

    private String nameOf(Length leaf) {
        return leaf.in(unit).stripTrailingZeros().toPlainString();
    }

    @Override
    public Set<String> partNames() {
        return leaves.stream().map(this::nameOf).collect(Collectors.toSet());
    }

    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        List<ScaleReading.Step> steps = ScaleReading.from(base);
        for (ScalePart leaf : parts()) {
            if (read.count(leaf.name()).isPresent()) {
                var count = leaf.countIn(read, "");
                if (count instanceof Outcome.Refused<BigDecimal> refused) {
                    return Outcome.refused(refused.refusal());
                }
                if (count.orThrow().signum() > 0) {
                    steps.add(ScaleReading.Step.of(leaf.name(), count.orThrow(), leaf.division()));
                }
            }
        }
        return Outcome.of(ScaleReading.sumOf(steps));
    }

    /** The largest sum that does not exceed the wanted one, of the fewest leaves, and the next sum above. */
    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        Length all = leaves.stream().reduce(Length.ZERO, Length::plus);
        return ScaleSetting.beyond(base, base.plus(all), wanted)
                .map(Outcome::<ScaleSetting>refused)
                .orElseGet(() -> {
                    var gap = FeelerGap.of(leaves, wanted.minus(base));
                    ScaleSetting.Shown below =
                            shown(base, gap.go().map(Laid::leaves).orElse(List.of()), wanted);
                    return Outcome.of(new ScaleSetting(
                            below,
                            below.error().isZero()
                                    ? Optional.empty()
                                    : gap.noGo().map(above -> shown(base, above.leaves(), wanted))));
                });
    }

    private ScaleSetting.Shown shown(Length base, List<Length> laid, Length wanted) {
        Parts parts = Parts.of(Map.of());
        Length value = base;
        for (Length leaf : laid) {
            parts = parts.with(nameOf(leaf), 1);
            value = value.plus(leaf);
        }
        return ScaleSetting.Shown.of(parts, value, wanted);
    }

    @Override
    public List<Trap> traps() {
        return List.of();
    }
}
