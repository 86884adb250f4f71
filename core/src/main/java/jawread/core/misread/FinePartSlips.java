package jawread.core.misread;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;
import jawread.core.scale.VernierSlide;

/** Slips of a vernier: its figure in the wrong place, the vernier left out, its neighbouring line taken. */
final class FinePartSlips implements SlipFamily {
    /** What splits one coarse or thimble division, and how often. */
    private record Vernier(Length division, int lines, boolean figuresAreTenths) {
        Length leastCount() {
            return division.dividedBy(lines);
        }

        /** Lines that say something: the zero line adds nothing. */
        IntStream countingLines() {
            return IntStream.range(1, lines);
        }
    }

    private static final Length HUNDREDTH = Length.ofMillimetres("0.01");

    @Override
    public Stream<Misread> madeAt(TrueReading here) {
        return vernierOf(here.scale())
                .map(vernier -> {
                    int line = lineAt(vernier, here.value().minus(here.base()));
                    return Stream.of(
                                    figures(here, vernier, line),
                                    leftOut(here, vernier, line),
                                    neighbours(here, vernier))
                            .flatMap(all -> all);
                })
                .orElseGet(Stream::empty);
    }

    private static Stream<Misread> figures(TrueReading here, Vernier vernier, int line) {
        Length withoutVernier = here.value().minus(vernier.leastCount().times(line));
        return readings(vernier, line)
                .map(wrong -> new Misread(Slip.FINE_FIGURE, wrong.variant(), withoutVernier.plus(wrong.fine())));
    }

    private static Stream<Misread> leftOut(TrueReading here, Vernier vernier, int line) {
        return line == 0
                ? Stream.empty()
                : Stream.of(new Misread(
                        Slip.FINE_LEFT_OUT,
                        "",
                        here.value().minus(vernier.leastCount().times(line))));
    }

    private static Stream<Misread> neighbours(TrueReading here, Vernier vernier) {
        return Stream.of(
                new Misread(Slip.NEIGHBOUR, "+", here.value().plus(vernier.leastCount())),
                new Misread(Slip.NEIGHBOUR, "-", here.value().minus(vernier.leastCount())));
    }

    /** A neighbour lies inside the gauge's spread: it explains nothing. */
    @Override
    public Stream<Explanation> explaining(KeptReading kept) {
        return vernierOf(kept.scale())
                .map(vernier -> Stream.concat(wrongFigures(kept, vernier), leftOut(kept, vernier)))
                .orElseGet(Stream::empty);
    }

    private static Stream<Explanation> wrongFigures(KeptReading kept, Vernier vernier) {
        Length fine = finePart(vernier, kept.beyondBase());
        return vernier.countingLines()
                .boxed()
                .flatMap(line -> readings(vernier, line)
                        .filter(wrong -> wrong.fine().equals(fine))
                        .map(wrong -> new Explanation(
                                Slip.FINE_FIGURE,
                                wrong.variant(),
                                kept.read()
                                        .minus(fine)
                                        .plus(vernier.leastCount().times(line)))));
    }

    /** Only a reading without a vernier part can have left it out; which line it was, any of them may be. */
    private static Stream<Explanation> leftOut(KeptReading kept, Vernier vernier) {
        return finePart(vernier, kept.beyondBase()).isZero()
                ? vernier.countingLines()
                        .mapToObj(line -> new Explanation(
                                Slip.FINE_LEFT_OUT,
                                "",
                                kept.read().plus(vernier.leastCount().times(line))))
                : Stream.empty();
    }

    private record WrongFigure(String variant, Length fine) {}

    /** What a line may be taken for where printed figures stand for tenths: 0.07 for 0.70, 0.70 for 0.07, 0.35 for 0.70. */
    private static Stream<WrongFigure> readings(Vernier vernier, int line) {
        if (!vernier.figuresAreTenths() || line == 0) {
            return Stream.empty();
        }
        Length right = vernier.leastCount().times(line);
        return Stream.of(
                        new WrongFigure("tenth", right.dividedBy(10)),
                        new WrongFigure("tenfold", right.times(10)),
                        new WrongFigure("hundredths", HUNDREDTH.times(line)))
                .filter(wrong -> wrong.fine().compareTo(vernier.division()) < 0)
                .filter(wrong -> !wrong.fine().equals(right));
    }

    private static Optional<Vernier> vernierOf(Scale scale) {
        if (scale instanceof VernierSlide slide) {
            // 0.1 mm slides print the count of the line, which is its value: no figure to put in a wrong place.
            boolean tenths = slide.unit() == LengthUnit.MILLIMETRE && slide.lines() > 10;
            return Optional.of(new Vernier(slide.coarse(), slide.lines(), tenths));
        }
        return scale instanceof Thimble head && head.hasVernier()
                ? Optional.of(new Vernier(head.thimbleDivision(), head.vernierLines(), false))
                : Optional.empty();
    }

    private static int lineAt(Vernier vernier, Length beyondBase) {
        return (int) (finePart(vernier, beyondBase).picometres()
                / vernier.leastCount().picometres());
    }

    private static Length finePart(Vernier vernier, Length beyondBase) {
        return Length.ofPicometres(
                Math.floorMod(beyondBase.picometres(), vernier.division().picometres()));
    }
}
