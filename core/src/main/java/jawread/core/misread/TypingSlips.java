package jawread.core.misread;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** Slips of the hand that types: the other unit, the point shifted, two digits swapped. */
final class TypingSlips implements SlipFamily {
    /** mm for an inch. */
    private static final BigDecimal MILLIMETRES_AN_INCH = new BigDecimal("25.4");

    private static final BigDecimal TEN = BigDecimal.TEN;

    /** So many places at the most a point is looked for. */
    private static final int MOST_PLACES = 5;

    /** The figure as a scale would have it written: to its least count, a judged tenth one place more. */
    @Override
    public Stream<Misread> madeAt(TrueReading here) {
        LengthUnit unit = here.scale().unit();
        Length least = here.reading().estimated()
                ? here.scale().leastCount().dividedBy(10)
                : here.scale().leastCount();
        BigDecimal figure = here.value().in(unit).setScale(decimals(least, unit), RoundingMode.HALF_EVEN);
        return Stream.concat(
                Stream.of(
                        new Misread(Slip.UNIT, "x25.4", here.value().times(MILLIMETRES_AN_INCH)),
                        new Misread(Slip.UNIT, "/25.4", over(here.value(), MILLIMETRES_AN_INCH)),
                        new Misread(Slip.DECIMAL_PLACE, "x10", here.value().times(TEN)),
                        new Misread(Slip.DECIMAL_PLACE, "/10", over(here.value(), TEN))),
                swaps(figure.toPlainString())
                        .map(swap -> new Misread(
                                Slip.SWAPPED_DIGITS, String.valueOf(swap.getKey()), lengthOf(swap.getValue(), unit))));
    }

    private static int decimals(Length least, LengthUnit unit) {
        return Math.max(0, least.in(unit).stripTrailingZeros().scale());
    }

    @Override
    public Stream<Explanation> explaining(KeptReading kept) {
        Stream<Explanation> units = Stream.of(
                new Explanation(Slip.UNIT, "x25.4", over(kept.read(), MILLIMETRES_AN_INCH)),
                new Explanation(Slip.UNIT, "/25.4", kept.read().times(MILLIMETRES_AN_INCH)));
        return kept.typed()
                .map(typed -> Stream.concat(units, typing(kept, typed)))
                .orElse(units);
    }

    private static Stream<Explanation> typing(KeptReading kept, String typed) {
        Stream<Explanation> places = Stream.concat(
                Stream.of(
                        new Explanation(Slip.DECIMAL_PLACE, "x10", over(kept.read(), TEN)),
                        new Explanation(Slip.DECIMAL_PLACE, "/10", kept.read().times(TEN))),
                // Left out, or typed far from where it belongs: 13999, 1399.9.
                IntStream.rangeClosed(2, MOST_PLACES)
                        .mapToObj(by -> new Explanation(
                                Slip.DECIMAL_PLACE, "x1e" + by, over(kept.read(), BigDecimal.ONE.movePointRight(by)))));
        return Stream.concat(
                places,
                swaps(typed.strip().replace(',', '.'))
                        .map(swap -> new Explanation(
                                Slip.SWAPPED_DIGITS,
                                String.valueOf(swap.getKey()),
                                lengthOf(swap.getValue(), kept.unit()))));
    }

    /** Rounded once, half to even, to 1 pm. */
    private static Length over(Length length, BigDecimal divisor) {
        return Length.ofPicometres(BigDecimal.valueOf(length.picometres())
                .divide(divisor, 0, RoundingMode.HALF_EVEN)
                .longValueExact());
    }

    /**
     * Each pair of unlike neighbouring digits swapped, by the index of its first digit; neighbours across the point count. A
     * fraction or a figure with a unit is typed otherwise: it has none.
     *
     * @example swaps("50.3") gives 0 → 05.3 and 1 → 53.0
     */
    private static Stream<Map.Entry<Integer, String>> swaps(String figure) {
        if (!figure.matches("\\d*\\.?\\d*")) {
            return Stream.empty();
        }
        int point = figure.indexOf('.') < 0 ? figure.length() : figure.indexOf('.');
        String digits = figure.replace(".", "");
        return IntStream.range(0, digits.length() - 1)
                .filter(i -> digits.charAt(i) != digits.charAt(i + 1))
                .mapToObj(i -> {
                    String swapped =
                            digits.substring(0, i) + digits.charAt(i + 1) + digits.charAt(i) + digits.substring(i + 2);
                    return Map.entry(i, swapped.substring(0, point) + "." + swapped.substring(point));
                });
    }

    private static Length lengthOf(String figure, LengthUnit unit) {
        return Length.of(new BigDecimal(figure.startsWith(".") ? "0" + figure : figure), unit);
    }
}
