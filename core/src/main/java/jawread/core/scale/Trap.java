package jawread.core.scale;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/**
 * Where the eye is easily misled: told beside a part while it stands at one of these counts.
 *
 * @param part the part concerned
 * @param runs the counts at which it holds; of a count judged between two lines the lower line decides
 */
public record Trap(Kind kind, String part, List<Run> runs) {
    /** What misleads. */
    public enum Kind {
        /** A coarse line just showing does not count yet. */
        LINE_NOT_YET,
        /** A coarse line seemingly hidden counts already. */
        LINE_ALREADY,
        /** A visible half-millimetre line adds 0.5. */
        HALF_SHOWS,
        /** The figures that count are the hidden ones. */
        FIGURES_COVERED,
        /** Of two rows of figures the one for the direction of travel is read. */
        TWO_ROWS,
        /** The gauge adds 1 in or 25 mm or more, and nobody has said so in this job. */
        BASE_UNCONFIRMED,
        /** Nobody has looked which way the figures go since it was set. */
        SENSE_UNCONFIRMED,
        /** The needle stands beyond half a turn: a whole turn may have been lost. */
        PAST_HALF_A_TURN;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Counts from one to another, both included, by steps of {@code every}. */
    public record Run(int from, int to, int every) {
        boolean holds(int count) {
            return count >= from && count <= to && (count - from) % every == 0;
        }
    }

    public Trap {
        runs = List.copyOf(runs);
    }

    static Trap always(Kind kind, String part) {
        return new Trap(kind, part, List.of(new Run(ScalePart.NO_START, ScalePart.NO_END, 1)));
    }

    /** The trap of a gauge that adds 1 in, 25 mm or more on its own: forgotten or added twice it spoils the whole figure. */
    public static Optional<Trap> ofBase(LengthUnit unit, Length base) {
        Length first = unit.isInch() ? Length.ofInches("1") : Length.ofMillimetres("25");
        return base.compareTo(first) >= 0
                ? Optional.of(always(Kind.BASE_UNCONFIRMED, ScaleReading.BASE))
                : Optional.empty();
    }

    /** Whether it holds at a count. */
    public boolean holdsAt(double count) {
        int lower = (int) Math.floor(count);
        return runs.stream().anyMatch(run -> run.holds(lower));
    }

    /**
     * The traps of a coarse line only just showing, on the fine part that tells.
     *
     * @param lines graduations of the fine part, all of them
     * @param linesADivision how many of them make one coarse division
     */
    static List<Trap> ofLineJustShowing(String finePart, int lines, int linesADivision) {
        return List.of(
                justShowing(Kind.LINE_NOT_YET, LineJustShowing.NOT_YET, finePart, lines, linesADivision),
                justShowing(Kind.LINE_ALREADY, LineJustShowing.ALREADY, finePart, lines, linesADivision));
    }

    private static Trap justShowing(Kind kind, LineJustShowing rule, String part, int lines, int linesADivision) {
        var near = IntStream.range(0, linesADivision)
                .filter(count -> LineJustShowing.at(count, linesADivision) == rule)
                .summaryStatistics();
        return new Trap(
                kind,
                part,
                IntStream.range(0, lines / linesADivision)
                        .mapToObj(turn -> new Run(
                                turn * linesADivision + near.getMin(), turn * linesADivision + near.getMax(), 1))
                        .toList());
    }
}
