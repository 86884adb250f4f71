package jawread.core.misread;

import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.scale.Comparator;
import jawread.core.scale.DialSlide;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;
import jawread.core.scale.VernierSlide;

/** Slips that add the same length whatever is read: a line, a figure, the base, a needle turn. Read = true + e. */
final class SizeSlips implements SlipFamily {
    private record Added(Slip slip, String variant, Length e) {}

    @Override
    public Stream<Misread> madeAt(TrueReading here) {
        return added(here.scale(), here.base())
                .map(slip -> new Misread(
                        named(slip, here.scale(), here.value().minus(here.base())),
                        slip.variant(),
                        here.value().plus(slip.e())));
    }

    @Override
    public Stream<Explanation> explaining(KeptReading kept) {
        return Stream.concat(added(kept.scale(), kept.base()), otherBases(kept)).map(slip -> {
            Length shouldBe = kept.read().minus(slip.e());
            return new Explanation(named(slip, kept.scale(), shouldBe.minus(kept.base())), slip.variant(), shouldBe);
        });
    }

    private static Stream<Added> added(Scale scale, Length base) {
        Stream<Added> turns = turnOf(scale);
        if (!(scale instanceof LinedScale lined)) {
            return turns;
        }
        Length coarse = lined.coarse();
        Length figure = lined.figureStep();
        Stream<Added> lines = Stream.of(
                new Added(Slip.NEXT_LINE, "", coarse),
                new Added(Slip.MISSED_LINE, "", negative(coarse)),
                new Added(Slip.WRONG_FIGURE, "+", figure),
                new Added(Slip.WRONG_FIGURE, "-", negative(figure)));
        Stream<Added> edge = lined instanceof VernierSlide
                ? Stream.of(new Added(Slip.SLIDE_EDGE, "", negative(coarse.times(VernierSlide.EDGE_BEFORE_ZERO))))
                : Stream.empty();
        Stream<Added> bases = base.compareTo(Length.ZERO) > 0
                ? Stream.of(new Added(Slip.BASE_FORGOTTEN, "", negative(base)), new Added(Slip.BASE_TWICE, "", base))
                : Stream.empty();
        return Stream.of(lines, edge, bases, turns).flatMap(all -> all);
    }

    /** What is in it was taken for another piece of its own. */
    private static Stream<Added> otherBases(KeptReading kept) {
        return kept.bases().stream()
                .filter(other -> !other.equals(kept.base()))
                .map(other -> new Added(Slip.OTHER_BASE, "", kept.base().minus(other)));
    }

    private static Stream<Added> turnOf(Scale scale) {
        Length turn = scale instanceof Comparator comparator
                ? comparator.turn()
                : scale instanceof DialSlide dial ? dial.turn() : Length.ZERO;
        return turn.isZero()
                ? Stream.empty()
                : Stream.of(new Added(Slip.LOST_TURN, "+", turn), new Added(Slip.LOST_TURN, "-", negative(turn)));
    }

    /** On a metric thimble an odd true count ends on a half line, and that is the one that is overlooked. */
    private static Slip named(Added slip, Scale scale, Length trueBeyondBase) {
        if (slip.slip() == Slip.MISSED_LINE && scale instanceof Thimble thimble && thimble.showsHalves()) {
            long count =
                    Math.floorDiv(trueBeyondBase.picometres(), thimble.coarse().picometres());
            return count % 2 == 0 ? Slip.MISSED_LINE : Slip.MISSED_HALF;
        }
        return slip.slip();
    }

    private static Length negative(Length length) {
        return Length.ZERO.minus(length);
    }
}
