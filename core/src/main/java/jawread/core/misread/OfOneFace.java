package jawread.core.misread;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.DialSlide;
import jawread.core.scale.Digits;
import jawread.core.scale.Feeler;
import jawread.core.scale.Rule;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;

/**
 * What is misread on one kind of face alone: told to somebody who reads there, and never tried on a reading that was kept. A stage's other
 * row, a dial of 0.02 taken for hundredths, a display in the other unit, a rule's line beside, a leaf counted twice.
 */
final class OfOneFace {
    private static final BigDecimal MILLIMETRES_AN_INCH = new BigDecimal("25.4");

    private OfOneFace() {}

    static Stream<Misread> at(TrueReading here) {
        Scale scale = here.scale();
        Length value = here.value();
        if (scale instanceof Thimble head && head.runs() == Thimble.Runs.BOTH) {
            return another(
                    Slip.REVERSED, "row", head.coarse().times(head.reach()).minus(value), value);
        }
        if (scale instanceof DialSlide dial) {
            return asHundredths(dial, here);
        }
        if (scale instanceof Digits) {
            return inTheOtherUnit(scale.unit(), value);
        }
        if (scale instanceof Rule rule) {
            return Stream.of(
                            another(Slip.NEXT_LINE, "", value.plus(rule.leastCount()), value),
                            another(Slip.MISSED_LINE, "", value.minus(rule.leastCount()), value),
                            // Begun at the first figure because the end is worn, and the figure not taken off again.
                            another(
                                    Slip.BASE_TWICE,
                                    "",
                                    value.plus(rule.leastCount().times(rule.figureEvery())),
                                    value))
                    .flatMap(each -> each);
        }
        return scale instanceof Feeler feeler ? leaves(feeler, here) : Stream.empty();
    }

    /** The figures of the face count its lines, and each is worth two hundredths. */
    private static Stream<Misread> asHundredths(DialSlide dial, TrueReading here) {
        Length hundredth = LengthUnit.MILLIMETRE.whole().dividedBy(100);
        if (!dial.leastCount().equals(hundredth.times(2))) {
            return Stream.empty();
        }
        BigDecimal needle = here.parts().count(DialSlide.DIAL).orElse(BigDecimal.ZERO);
        Length read = here.value().minus(hundredth.times(needle));
        return another(Slip.GRADUATION_VALUE, "1/2", read, here.value());
    }

    /** The figure stands for inches where it is millimetres, or the other way; rounded once, half to even, to 1 pm. */
    private static Stream<Misread> inTheOtherUnit(LengthUnit unit, Length value) {
        Length read = unit.isInch()
                ? Length.ofPicometres(BigDecimal.valueOf(value.picometres())
                        .divide(MILLIMETRES_AN_INCH, 0, RoundingMode.HALF_EVEN)
                        .longValueExact())
                : value.times(MILLIMETRES_AN_INCH);
        return another(Slip.UNIT, unit.isInch() ? "/25.4" : "x25.4", read, value);
    }

    private static Stream<Misread> leaves(Feeler feeler, TrueReading here) {
        return feeler.parts().stream()
                .filter(leaf -> here.parts().count(leaf.name()).stream().anyMatch(taken -> taken.signum() > 0))
                .flatMap(leaf -> Stream.of(
                                another(
                                        Slip.BASE_TWICE,
                                        leaf.name(),
                                        here.value().plus(leaf.division()),
                                        here.value()),
                                another(
                                        Slip.BASE_FORGOTTEN,
                                        leaf.name(),
                                        here.value().minus(leaf.division()),
                                        here.value()))
                        .flatMap(each -> each));
    }

    /** Another figure than the true one, and one that can be. */
    private static Stream<Misread> another(Slip slip, String variant, Length read, Length value) {
        return read.equals(value) || read.compareTo(Length.ZERO) <= 0
                ? Stream.empty()
                : Stream.of(new Misread(slip, variant, read));
    }
}
