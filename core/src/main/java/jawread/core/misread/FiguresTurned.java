package jawread.core.misread;

import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.scale.Thimble;

/**
 * Slips of heads whose figures run the other way: {@code reversed} takes the figures in sight (the next figure up, its ticks
 * still in sight, the same thimble), {@code thimble-mirrored} reads the thimble as on an outside head.
 *
 * <p>With F divisions from figure to figure a true count k is seen as 2·F·(⌊k/F⌋ + 1) − k − 1.
 */
final class FiguresTurned implements SlipFamily {
    @Override
    public Stream<Misread> madeAt(TrueReading here) {
        if (!(here.scale() instanceof Thimble head) || head.runs() == Thimble.Runs.OPENING) {
            return Stream.empty();
        }
        Position at = Position.of(head, here.value().minus(here.base()));
        Misread reversed = new Misread(
                Slip.REVERSED, "", here.value().plus(head.coarse().times(seen(head, at.count()) - at.count())));
        return at.isThimbleAtZero(head)
                ? Stream.of(reversed)
                : Stream.of(
                        reversed,
                        new Misread(Slip.THIMBLE_MIRRORED, "", here.value().plus(at.mirroring(head))));
    }

    private static long seen(Thimble head, long count) {
        long every = head.figureEvery();
        return 2 * every * (count / every + 1) - count - 1;
    }

    @Override
    public Stream<Explanation> explaining(KeptReading kept) {
        if (!(kept.scale() instanceof Thimble head)
                || head.runs() == Thimble.Runs.OPENING
                || kept.beyondBase().isNegative()) {
            return Stream.empty();
        }
        Position at = Position.of(head, kept.beyondBase());
        return Stream.concat(reversed(kept, head, at), mirrored(kept, head, at));
    }

    /** The seen count lies one figure above the true one, its ticks counted from the other end: one true count at most. */
    private static Stream<Explanation> reversed(KeptReading kept, Thimble head, Position at) {
        long every = head.figureEvery();
        long block = at.count() / every - 1;
        long count = 2 * every * (block + 1) - at.count() - 1;
        boolean onTheHead = block >= 0 && (count < head.reach() || count == head.reach() && at.fine() == 0);
        Length shouldBe = kept.read().plus(head.coarse().times(count - at.count()));
        return onTheHead ? Stream.of(new Explanation(Slip.REVERSED, "", shouldBe)) : Stream.empty();
    }

    private static Stream<Explanation> mirrored(KeptReading kept, Thimble head, Position at) {
        return at.isThimbleAtZero(head) || at.count() >= head.reach()
                ? Stream.empty()
                : Stream.of(
                        new Explanation(Slip.THIMBLE_MIRRORED, "", kept.read().plus(at.mirroring(head))));
    }

    /**
     * Where a head stands.
     *
     * @param fine picometres past the sleeve line
     */
    private record Position(long count, long fine) {
        static Position of(Thimble head, Length beyondBase) {
            long division = head.coarse().picometres();
            return new Position(beyondBase.picometres() / division, beyondBase.picometres() % division);
        }

        /** The thimble's own part: whole graduations where a vernier splits them, else the estimate too. */
        private long onThimble(Thimble head) {
            long graduation = head.thimbleDivision().picometres();
            return head.hasVernier() ? fine - fine % graduation : fine;
        }

        boolean isThimbleAtZero(Thimble head) {
            return onThimble(head) == 0;
        }

        /** From h to t − h. */
        Length mirroring(Thimble head) {
            return head.coarse().minus(Length.ofPicometres(2 * onThimble(head)));
        }
    }
}
