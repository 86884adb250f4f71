package jawread.core.misread;

import java.util.Arrays;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.scale.Comparator;

/** Slips of a comparator: the deviation from its set size is taken with the wrong sign or for the wrong graduation. */
final class NeedleSlips implements SlipFamily {
    /** g′/g, as a fraction: the faces that are met on the bench. */
    private enum Graduation {
        TENTH("1/10", 1, 10),
        FIFTH("1/5", 1, 5),
        HALF("1/2", 1, 2),
        TWICE("2", 2, 1),
        FIVEFOLD("5", 5, 1),
        TENFOLD("10", 10, 1);

        private final String variant;
        private final long over;
        private final long under;

        Graduation(String variant, long over, long under) {
            this.variant = variant;
            this.over = over;
            this.under = under;
        }
    }

    /** g′: what one graduation was taken for in a slip of {@link Slip#GRADUATION_VALUE}. */
    static Length graduationTaken(Misread slip, Length graduation) {
        return Arrays.stream(Graduation.values())
                .filter(taken -> taken.variant.equals(slip.variant()))
                .map(taken -> graduation.times(taken.over).dividedBy(taken.under))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No graduation was taken for another in " + slip));
    }

    /** A needle is read to a tenth of a graduation at the finest. */
    private static final long FINEST_OF_A_GRADUATION = 10;

    @Override
    public Stream<Misread> madeAt(TrueReading here) {
        if (!(here.scale() instanceof Comparator)) {
            return Stream.empty();
        }
        Length deviation = here.value().minus(here.base());
        if (deviation.isZero()) {
            return Stream.empty();
        }
        Misread flipped = new Misread(Slip.SENSE_FLIPPED, "", here.base().minus(deviation));
        return Stream.concat(
                Stream.of(flipped),
                Arrays.stream(Graduation.values())
                        .map(taken -> new Misread(
                                Slip.GRADUATION_VALUE,
                                taken.variant,
                                here.base().plus(deviation.times(taken.over).dividedBy(taken.under)))));
    }

    @Override
    public Stream<Explanation> explaining(KeptReading kept) {
        if (!(kept.scale() instanceof Comparator comparator)) {
            return Stream.empty();
        }
        Length deviation = kept.beyondBase();
        Explanation flipped =
                new Explanation(Slip.SENSE_FLIPPED, "", kept.base().minus(deviation));
        return Stream.concat(
                Stream.of(flipped),
                Arrays.stream(Graduation.values())
                        .filter(taken -> canBeRead(comparator, deviation, taken))
                        .map(taken -> new Explanation(
                                Slip.GRADUATION_VALUE,
                                taken.variant,
                                kept.base().plus(deviation.times(taken.under).dividedBy(taken.over)))));
    }

    /** Whether some needle, read to a tenth at the finest, would have given this deviation on the other face. */
    private static boolean canBeRead(Comparator comparator, Length deviation, Graduation taken) {
        Length finest = comparator.leastCount().dividedBy(FINEST_OF_A_GRADUATION);
        return deviation.times(taken.under).picometres() % (finest.picometres() * taken.over) == 0;
    }
}
