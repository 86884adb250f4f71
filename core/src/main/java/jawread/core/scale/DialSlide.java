package jawread.core.scale;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A slide with a dial: value = base + ⌊k·b/v⌋·v + d·v/g.
 *
 * <p>k beam lines (division b) passed by the edge of the slide; d graduations past zero, 0 to g − 1, one decimal of which
 * may be estimated; one needle turn is v. A line that seems to touch the edge while the needle stands just short of zero is
 * not passed; just past zero it is. Where a turn takes in several beam lines (v &gt; b) both must agree:
 * k·b − ⌊k·b/v⌋·v ≤ d·v/g &lt; that + b.
 *
 * @param coarse b
 * @param turn v, a whole number of b
 * @param lines g
 * @param figureEvery beam divisions from one printed figure to the next
 * @param reach beam divisions there are
 */
public record DialSlide(String id, LengthUnit unit, Length coarse, Length turn, int lines, int figureEvery, int reach)
        implements LinedScale {
    static final String FAMILY = "dial";
    public static final String BEAM = "beam";
    public static final String DIAL = "dial";
    private static final Set<String> NAMES = Set.of(BEAM, DIAL);

    @Override
    public Length leastCount() {
        return turn.dividedBy(lines);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<ScalePart> parts() {
        return List.of(
                ScalePart.whole(BEAM, coarse, ScalePart.NO_END), ScalePart.judged(DIAL, leastCount(), lines - 1));
    }

    @Override
    public LinedScale reaching(int coarseDivisions) {
        return new DialSlide(id, unit, coarse, turn, lines, figureEvery, coarseDivisions);
    }

    @Override
    public Set<String> partNames() {
        return NAMES;
    }

    /** As {@link Scale#add}; also {@code beam-needle-disagree}, with the neighbouring lines that would agree as hint. */
    @Override
    public Outcome<ScaleReading> add(Length base, Parts read) {
        List<ScalePart> parts = parts();
        return parts.get(0)
                .countIn(read, "")
                .then(beam -> parts.get(1).countIn(read, "").then(dial -> {
                    long k = beam.longValueExact();
                    Length needle = leastCount().times(dial);
                    return agree(k, needle) ? Outcome.of(sum(base, k, dial)) : Outcome.refused(disagreement(k, needle));
                }));
    }

    private ScaleReading sum(Length base, long beam, BigDecimal dial) {
        long linesOfWholeTurns = beam - beam % linesATurn();
        var steps = ScaleReading.from(base);
        steps.add(ScaleReading.Step.of(BEAM, BigDecimal.valueOf(linesOfWholeTurns), coarse));
        steps.add(ScaleReading.Step.of(DIAL, dial, leastCount()));
        return ScaleReading.sumOf(steps);
    }

    private long linesATurn() {
        return turn.picometres() / coarse.picometres();
    }

    private boolean agree(long beam, Length needle) {
        Length past = coarse.times(beam % linesATurn());
        return linesATurn() == 1 || needle.compareTo(past) >= 0 && needle.compareTo(past.plus(coarse)) < 0;
    }

    /** Of the two neighbours that agree first the one whose reading lies nearer to the line in question. */
    private Refusal disagreement(long beam, Length needle) {
        String agreeing = LongStream.of(beam - 1, beam + 1)
                .filter(neighbour -> neighbour >= 0 && agree(neighbour, needle))
                .boxed()
                .sorted(Comparator.comparing((Long neighbour) -> fromLine(neighbour, beam, needle))
                        .thenComparing(Comparator.naturalOrder()))
                .map(String::valueOf)
                .collect(Collectors.joining(";"));
        return Refusal.of("beam-needle-disagree")
                .with("hint", agreeing)
                .with("lines", agreeing.replace(";", ", "))
                .with("beam", beam)
                .with("part", BEAM);
    }

    /** From the line that was misjudged, the higher of the two counts, to what the neighbour would read. */
    private Length fromLine(long neighbour, long beam, Length needle) {
        Length reading = turn.times(neighbour / linesATurn()).plus(needle);
        return coarse.times(Math.max(neighbour, beam)).minus(reading).abs();
    }

    @Override
    public Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted) {
        long linesABeam = coarse.picometres() / leastCount().picometres();
        return ScaleSetting.within(
                base,
                Length.LARGEST_SIZE,
                wanted,
                leastCount(),
                steps -> Parts.of(Map.of(BEAM, steps / linesABeam)).with(DIAL, steps % lines));
    }

    @Override
    public List<Glance> glances(Length own) {
        return Stream.concat(LinedScale.ofBeam(this).stream(), Stream.of(Glance.of(parts().get(1))))
                .toList();
    }

    @Override
    public List<Trap> traps() {
        return Trap.ofLineJustShowing(DIAL, lines, (int) (lines / linesATurn()));
    }
}
