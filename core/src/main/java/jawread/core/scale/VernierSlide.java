package jawread.core.scale;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;

/**
 * A slide with a vernier: value = base + k·m + j·m/n.
 *
 * <p>k main divisions m that the vernier's zero has passed (the line on or left of it, never the edge of the slide); j the
 * vernier line that coincides, 0 to n − 1. When the last line n coincides, so does 0: n is taken as 0. n vernier lines take
 * up n − 1 main divisions, so each falls short of a main division by the least count m/n.
 *
 * @param coarse m
 * @param lines n
 * @param figureEvery main divisions from one printed figure to the next
 * @param reach main divisions of the beam
 */
public record VernierSlide(String id, LengthUnit unit, Length coarse, int lines, int figureEvery, int reach)
        implements LinedScale {
    static final String FAMILY = "vernier";
    public static final String MAIN = "main";
    public static final String LINE = "line";
    private static final Set<String> NAMES = Set.of(MAIN, LINE);

    /** How many main divisions the slide's edge stands left of the vernier's zero, as a slide is usually made. */
    public static final int EDGE_BEFORE_ZERO = 2;

    @Override
    public Length leastCount() {
        return coarse.dividedBy(lines);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        return List.of(ScalePart.whole(MAIN, coarse, ScalePart.NO_END), ScalePart.whole(LINE, leastCount(), lines - 1));
    }

    @Override
    public LinedScale reaching(int coarseDivisions) {
        return new VernierSlide(id, unit, coarse, lines, figureEvery, coarseDivisions);
    }

    @Override
    public Set<String> partNames() {
        return NAMES;
    }

    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        List<ScalePart> parts = parts();
        return parts.get(0)
                .countIn(read, "")
                // The last line may be named: it says the same as the first.
                .then(main -> parts.get(1).upTo(lines).countIn(read, "").map(line -> sum(base, main, line)));
    }

    private ScaleReading sum(Length base, BigDecimal main, BigDecimal line) {
        BigDecimal counted = line.compareTo(BigDecimal.valueOf(lines)) == 0 ? BigDecimal.ZERO : line;
        var steps = ScaleReading.from(base);
        steps.add(ScaleReading.Step.of(MAIN, main, coarse));
        steps.add(ScaleReading.Step.of(LINE, counted, leastCount()));
        return ScaleReading.sumOf(steps);
    }

    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        return ScaleSetting.within(
                base,
                Length.LARGEST_SIZE,
                wanted,
                leastCount(),
                steps -> Parts.of(Map.of(MAIN, steps / lines)).with(LINE, steps % lines));
    }

    @Override
    public List<Glance> glances(Length own) {
        return Stream.concat(LinedScale.ofBeam(this).stream(), ofVernier()).toList();
    }

    /** A metric vernier is figured in tenths of a millimetre, with lines between; any other is read by its line. */
    private Stream<Glance> ofVernier() {
        int every = lines / 10;
        // The last line may be named: it says the same as the first.
        if (unit.isInch() || every == 1) {
            return Stream.of(new Glance(LINE, LINE, 1, 0, lines, leastCount(), false));
        }
        return Stream.of(
                new Glance(
                        Glance.VERNIER_FIGURE, LINE, every, 0, 10, leastCount().times(every), false),
                new Glance(Glance.VERNIER_LINES, LINE, 1, 0, every - 1, leastCount(), false));
    }

    @Override
    public List<Trap> traps() {
        return Trap.ofLineJustShowing(LINE, lines, lines);
    }
}
