package jawread.core.scale;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;

/**
 * A thimble head: value = base + k·s + h·s/t + j·s/(t·v).
 *
 * <p>k whole sleeve divisions s passed, on a depth head covered; h the thimble's graduation on or last passed at the index
 * line, 0 to t − 1; j the lowest vernier line that coincides, 0 to v − 1. Where there is no vernier one decimal of h may be
 * estimated. At the last sleeve division of the travel only thimble 0 exists.
 *
 * @param coarse s, a sleeve division
 * @param thimbleLines t, graduations a turn
 * @param vernierLines v, 0 where there is no vernier
 * @param figureEvery sleeve divisions from one printed figure to the next
 * @param reach sleeve divisions from one end of the travel to the other
 * @param bearsItsSize whether the sleeve begins at the size its gauge adds, and is figured from there
 */
public record Thimble(
        String id,
        LengthUnit unit,
        Length coarse,
        int thimbleLines,
        int vernierLines,
        int figureEvery,
        int reach,
        Runs runs,
        boolean bearsItsSize)
        implements LinedScale {
    static final String FAMILY = "thimble";
    public static final String SLEEVE = "sleeve";
    public static final String THIMBLE = "thimble";
    public static final String VERNIER = "vernier";

    /** What the parts of a stage head's two positions begin with. */
    public static final String START = "start.";

    public static final String END = "end.";

    private static final Set<String> PLAIN = Set.of(SLEEVE, THIMBLE);
    private static final Set<String> WITH_VERNIER = Set.of(SLEEVE, THIMBLE, VERNIER);
    private static final Set<String> OF_A_STAGE =
            Set.of(SLEEVE, THIMBLE, START + SLEEVE, START + THIMBLE, END + SLEEVE, END + THIMBLE);

    /** How the figures of a head run. */
    public enum Runs {
        /** Seen one after the other as the head opens. */
        OPENING,
        /** Hidden one after the other as the rod of a depth head goes out; the thimble's run the other way too. */
        COVERING,
        /** Two rows, one for each direction of a stage's travel; a distance is the difference of two positions. */
        BOTH;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Thimble {
        long steps = (long) thimbleLines * Math.max(1, vernierLines);
        if (steps <= 0 || reach <= 0 || coarse.picometres() % steps != 0) {
            throw new IllegalArgumentException("A sleeve division of " + coarse + " does not divide into "
                    + thimbleLines + " × " + vernierLines + " whole steps");
        }
    }

    public boolean hasVernier() {
        return vernierLines > 0;
    }

    /** One graduation of the thimble. */
    public Length thimbleDivision() {
        return coarse.dividedBy(thimbleLines);
    }

    @Override
    public Length leastCount() {
        return hasVernier() ? thimbleDivision().dividedBy(vernierLines) : thimbleDivision();
    }

    @Override
    public LinedScale reaching(int coarseDivisions) {
        return new Thimble(
                id, unit, coarse, thimbleLines, vernierLines, figureEvery, coarseDivisions, runs, bearsItsSize);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        var sleeve = ScalePart.whole(SLEEVE, coarse, reach);
        return hasVernier()
                ? List.of(
                        sleeve,
                        ScalePart.whole(THIMBLE, thimbleDivision(), thimbleLines - 1),
                        ScalePart.whole(VERNIER, leastCount(), vernierLines - 1))
                : List.of(sleeve, ScalePart.judged(THIMBLE, thimbleDivision(), thimbleLines - 1));
    }

    @Override
    public Set<String> partNames() {
        return runs == Runs.BOTH ? OF_A_STAGE : hasVernier() ? WITH_VERNIER : PLAIN;
    }

    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        return runs == Runs.BOTH && read.isDistance() ? distance(read) : position(base, read, "");
    }

    private Outcome<ScaleReading> position(Length base, Parts read, String under) {
        List<ScaleReading.Step> steps = ScaleReading.from(base);
        boolean atTheEnd = false;
        for (ScalePart part : parts()) {
            ScalePart there = atTheEnd ? part.upTo(0) : part;
            var count = there.countIn(read, under);
            if (count instanceof Outcome.Refused<BigDecimal> refused) {
                return Outcome.refused(refused.refusal());
            }
            BigDecimal counted = count.orThrow();
            atTheEnd |= part.name().equals(SLEEVE) && counted.compareTo(BigDecimal.valueOf(reach)) == 0;
            steps.add(ScaleReading.Step.of(under + part.name(), counted, part.division()));
        }
        return Outcome.of(ScaleReading.sumOf(steps));
    }

    /** From one position to the other; what the gauge adds on its own drops out. */
    private Outcome<ScaleReading> distance(Parts read) {
        return position(Length.ZERO, read, START)
                .then(start -> position(Length.ZERO, read, END).map(end -> {
                    var steps = new ArrayList<>(start.steps());
                    steps.addAll(end.steps());
                    return new ScaleReading(
                            end.value().minus(start.value()).abs(), steps, start.estimated() || end.estimated());
                }));
    }

    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        return ScaleSetting.within(base, base.plus(coarse.times(reach)), wanted, leastCount(), this::showing);
    }

    private Parts showing(long leastCounts) {
        Parts parts = Parts.of(Map.of());
        long rest = leastCounts * leastCount().picometres();
        for (ScalePart part : parts()) {
            long division = part.division().picometres();
            parts = parts.with(part.name(), rest / division);
            rest %= division;
        }
        return parts;
    }

    /** An inch head numbers its tenths and begins anew at each inch; a metric one counts its millimetres. */
    @Override
    public String figure(int n) {
        return unit.isInch()
                ? String.valueOf(n % 10)
                : String.valueOf(n * figureStep().picometres() / LengthUnit.MILLIMETRE.picometres());
    }

    /** Of a head that bears its own size the whole inches too: its figures begin anew at each. */
    @Override
    public List<Glance> glances(Length own) {
        int from = (int) (own.picometres() / coarse.picometres());
        int end = from + reach;
        var glances = new ArrayList<Glance>();
        if (runs == Runs.BOTH) {
            glances.add(Glance.row());
        }
        if (showsHalves()) {
            glances.add(
                    new Glance(Glance.MILLIMETRES, SLEEVE, 2, from / 2, end / 2, LengthUnit.MILLIMETRE.whole(), false));
            glances.add(new Glance(Glance.HALF, SLEEVE, 1, 0, 1, coarse, false));
        } else {
            int anInch = (int) (unit.whole().picometres() / coarse.picometres());
            if (from > 0) {
                glances.add(
                        new Glance(Glance.INCHES, SLEEVE, anInch, from / anInch, end / anInch, unit.whole(), false));
            }
            int last = from > 0 ? anInch / figureEvery - 1 : end / figureEvery;
            glances.add(new Glance(Glance.FIGURE, SLEEVE, figureEvery, 0, last, figureStep(), false));
            glances.add(new Glance(Glance.LINES, SLEEVE, 1, 0, figureEvery - 1, coarse, false));
        }
        parts().stream().skip(1).map(Glance::of).forEach(glances::add);
        return glances;
    }

    @Override
    public List<Trap> traps() {
        var traps = new ArrayList<>(Trap.ofLineJustShowing(THIMBLE, thimbleLines, thimbleLines));
        if (showsHalves()) {
            traps.add(new Trap(Trap.Kind.HALF_SHOWS, SLEEVE, List.of(new Trap.Run(1, reach, 2))));
        }
        if (runs == Runs.COVERING) {
            traps.add(Trap.always(Trap.Kind.FIGURES_COVERED, SLEEVE));
        }
        if (runs == Runs.BOTH) {
            traps.add(Trap.always(Trap.Kind.TWO_ROWS, SLEEVE));
        }
        return traps;
    }

    /** A metric sleeve has its halves on the other side of the index: an odd count ends on one. */
    public boolean showsHalves() {
        return !unit.isInch();
    }
}
