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
 * A comparator's needle: value = S + σ·n·g.
 *
 * <p>S is the size it was set to (the master's real size, not its name), n the needle's signed count of graduations g at
 * the turning point, one decimal of which may be estimated, σ the {@link Sense}: +1 where the figures grow as the bore
 * grows, −1 where they shrink.
 *
 * @param leastCount g
 * @param linesATurn graduations of one needle turn
 */
public record Comparator(String id, LengthUnit unit, Length leastCount, int linesATurn) implements Scale {
    static final String FAMILY = "comparator";
    public static final String NEEDLE = "needle";
    public static final String SENSE = "sense";
    private static final Set<String> NAMES = Set.of(NEEDLE, SENSE);

    /** One needle turn. */
    public Length turn() {
        return leastCount.times(linesATurn);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        return List.of(new ScalePart(NEEDLE, leastCount, ScalePart.NO_START, ScalePart.NO_END, true));
    }

    @Override
    public Set<String> partNames() {
        return NAMES;
    }

    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        return parts().get(0)
                .countIn(read, "")
                .then(needle -> senseIn(read).map(sense -> {
                    List<ScaleReading.Step> steps = ScaleReading.from(base);
                    Length addend = leastCount.times(needle).times(sense.sign());
                    steps.add(new ScaleReading.Step(NEEDLE, needle, leastCount, addend));
                    return ScaleReading.sumOf(steps);
                }));
    }

    private static Outcome<Sense> senseIn(Parts read) {
        Optional<BigDecimal> sign = read.count(SENSE);
        if (sign.isEmpty()) {
            return refused("missing-part");
        }
        return Sense.ofSign(sign.get()).map(Outcome::of).orElseGet(() -> refused("part-out-of-range"));
    }

    private static <T> Outcome<T> refused(String code) {
        return Outcome.refused(
                Refusal.of(code).with("hint", SENSE).with("part", SENSE).with("counts", "+1 or -1"));
    }

    /** Any size can be wanted: how far the needle can go is for the gauge to say. */
    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        return sense.map(known -> ScaleSetting.around(
                        base,
                        wanted,
                        leastCount,
                        steps -> Parts.of(Map.of(NEEDLE, known.sign() * steps)).with(SENSE, known.sign())))
                .orElseGet(() -> refused("missing-part"));
    }

    @Override
    public List<Trap> traps() {
        int half = linesATurn / 2;
        return List.of(
                Trap.always(Trap.Kind.SENSE_UNCONFIRMED, NEEDLE),
                new Trap(
                        Trap.Kind.PAST_HALF_A_TURN,
                        NEEDLE,
                        List.of(
                                new Trap.Run(ScalePart.NO_START, -half - 1, 1),
                                new Trap.Run(half, ScalePart.NO_END, 1))));
    }
}
