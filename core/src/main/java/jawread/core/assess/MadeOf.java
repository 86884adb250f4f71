package jawread.core.assess;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Reading.Corrections;
import jawread.core.assess.Reading.Figure;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Uncertainty.Share;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.scale.MadeFrom;

/**
 * The figures that a size was made of, each read with a gauge of its own.
 *
 * @param pieces in the order of the formula, as many as it takes
 */
public record MadeOf(MadeFrom way, List<Piece> pieces) {
    public MadeOf {
        pieces = List.copyOf(pieces);
        if (pieces.size() != way.figures()) {
            throw new IllegalArgumentException(
                    "A size made as " + way.code() + " takes " + way.figures() + " figures; got " + pieces.size());
        }
    }

    /**
     * One of the figures.
     *
     * @param typed as it was typed
     */
    public record Piece(ReadWith with, String typed, Figure figure, Corrections corrections) {
        public Length raw() {
            return figure.raw();
        }

        Length corrected() {
            return raw().plus(corrections.known());
        }

        Length value() {
            return corrected().plus(corrections.thermal());
        }
    }

    /** With which formula and with which gauges: sizes made alike are repeats of each other. */
    record Alike(MadeFrom way, List<ReadWith> with) {}

    Alike alike() {
        return new Alike(way, pieces.stream().map(Piece::with).toList());
    }

    /** Before any known error was taken off. Refused as by {@link MadeFrom#of(List)}. */
    public Outcome<Length> raw() {
        return size(Piece::raw);
    }

    /** For the known errors of the gauges; zero where it would have no size. */
    public Length known() {
        return added(Piece::raw, Piece::corrected);
    }

    /** To bring it to 20 °C; zero where it would have no size. */
    public Length thermal() {
        return added(Piece::corrected, Piece::value);
    }

    private Length added(Function<Piece, Length> before, Function<Piece, Length> after) {
        return orZero(size(before).then(was -> size(after).map(is -> is.minus(was))));
    }

    /** What it would have been on a gauge that had not moved; zero where it would have no size. */
    Length hadNotMoved(long gauge, Length moved) {
        return orZero(size(piece -> piece.with().read() == gauge ? piece.raw().minus(moved) : piece.raw()));
    }

    private Outcome<Length> size(Function<Piece, Length> figure) {
        return way.of(pieces.stream().map(figure).toList());
    }

    private static Length orZero(Outcome<Length> size) {
        return size.fold(Function.identity(), refusal -> Length.ZERO);
    }

    /** s of it: the root of the sum of squares of what each figure brings. */
    public Length spread() {
        double variance = IntStream.range(0, pieces.size())
                .mapToDouble(
                        i -> way.weight(i) * pieces.get(i).figure().spread().micrometres())
                .map(part -> part * part)
                .sum();
        return Length.nearest(Math.sqrt(variance));
    }

    /** The coarsest unit of the last digit written down. */
    public Length resolution() {
        return coarsest(pieces.stream().map(piece -> piece.figure().resolution()));
    }

    /** The coarsest. */
    public Length leastCount() {
        return coarsest(pieces.stream().map(piece -> piece.figure().leastCount()));
    }

    private static Length coarsest(Stream<Length> steps) {
        return steps.max(Length::compareTo).orElseThrow();
    }

    /**
     * @param each how well each figure is known
     * @param scatter s of such sizes, as it was seen
     */
    Uncertainty uncertainty(List<Uncertainty> each, Length scatter, int counting) {
        return Uncertainty.ofSeveral(
                IntStream.range(0, pieces.size())
                        .mapToObj(i -> new Share(
                                way.weight(i), each.get(i), pieces.get(i).with().read()))
                        .toList(),
                scatter,
                counting);
    }
}
