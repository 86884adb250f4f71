package jawread.core.practice;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.OftenMisread;
import jawread.core.misread.Slip;
import jawread.core.misread.Slips;
import jawread.core.misread.TrueReading;

/** What each slip of the catalogue would have read at a setting, those that only practice knows among them. */
final class Tempted {
    private static final BigDecimal THOUS_A_MILLIMETRE = new BigDecimal("39.37");

    private Tempted() {}

    /** Another figure than the true one, above zero; in the order in which slips are named. */
    static List<Misread> at(TrueReading here) {
        Length value = here.reading().value();
        return Stream.of(Slips.madeAt(here), OftenMisread.at(here).stream(), otherBase(here), tenth(here))
                .flatMap(each -> each)
                .filter(slip -> slip.slip() != Slip.NEIGHBOUR)
                .filter(slip -> !slip.read().equals(value) && slip.read().compareTo(Length.ZERO) > 0)
                .distinct()
                .sorted(Comparator.comparingInt((Misread slip) -> slip.slip().group())
                        .thenComparing(Misread::slip))
                .toList();
    }

    /** The frame or rod beside the one in hand. */
    private static Stream<Misread> otherBase(TrueReading here) {
        if (here.base().isZero() || here.scale() instanceof jawread.core.scale.Comparator) {
            return Stream.empty();
        }
        Length step = Bases.step(here.scale().unit());
        return Stream.of(
                new Misread(Slip.OTHER_BASE, "+", here.reading().value().plus(step)),
                new Misread(Slip.OTHER_BASE, "-", here.reading().value().minus(step)));
    }

    /** A tenth for a thou, or the other way; a hundredth of a millimetre for a thou. */
    private static Stream<Misread> tenth(TrueReading here) {
        if (!(here.scale() instanceof jawread.core.scale.Comparator)) {
            return Stream.empty();
        }
        Length deviation = here.reading().value().minus(here.base());
        return Stream.of(
                tenth("x10", here, deviation.times(10)),
                tenth("/10", here, deviation.dividedBy(10)),
                tenth("x39.37", here, deviation.times(THOUS_A_MILLIMETRE)));
    }

    private static Misread tenth(String variant, TrueReading here, Length taken) {
        return new Misread(Slip.TENTH, variant, here.base().plus(taken));
    }
}
