package jawread.core.scale;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;

/**
 * A steel rule: value = base + the count of the nearest graduation.
 *
 * @param leastCount one graduation: 1/64 in, 0.5 mm
 * @param figureEvery graduations from one printed figure to the next
 * @param reach graduations there are on a usual one
 */
public record Rule(String id, LengthUnit unit, Length leastCount, int figureEvery, int reach) implements Scale {
    static final String FAMILY = "rule";
    public static final String MARK = "mark";
    private static final Set<String> NAMES = Set.of(MARK);

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        return List.of(ScalePart.whole(MARK, leastCount, ScalePart.NO_END));
    }

    @Override
    public Set<String> partNames() {
        return NAMES;
    }

    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        return parts().get(0).countIn(read, "").map(mark -> {
            List<ScaleReading.Step> steps = ScaleReading.from(base);
            steps.add(ScaleReading.Step.of(MARK, mark, leastCount));
            return ScaleReading.sumOf(steps);
        });
    }

    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        return ScaleSetting.within(
                base, Length.LARGEST_SIZE, wanted, leastCount, steps -> Parts.of(Map.of(MARK, steps)));
    }

    @Override
    public List<Glance> glances(Length own) {
        int whole = (int) (unit.whole().picometres() / leastCount.picometres());
        return List.of(
                new Glance(
                        unit.isInch() ? Glance.INCHES : Glance.MILLIMETRES,
                        MARK,
                        whole,
                        0,
                        ScalePart.NO_END,
                        unit.whole(),
                        false),
                new Glance(unit.isInch() ? Glance.FRACTION : Glance.HALF, MARK, 1, 0, whole - 1, leastCount, false));
    }

    /** What is printed at the n-th figure: inches, or centimetres. */
    public String figure(int n) {
        return String.valueOf(n);
    }

    @Override
    public List<Trap> traps() {
        return List.of();
    }
}
