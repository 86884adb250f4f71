package jawread.server.card;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.InchFraction;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.server.card.InchView.NearFractionView;
import jawread.server.card.InchView.SameSizeView;
import jawread.server.card.InchView.SmallView;
import jawread.server.words.Figures;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** Fractions of an inch, decimal inches and millimetres, each from any of them. */
@Service
class Inches {
    private static final int SIXTY_FOURTHS = 64;
    private static final int HUNDRED_TWENTY_EIGHTHS = 128;
    /** Of a 128th, the finest fraction that is told. */
    private static final int EXACT_DECIMALS = 7;

    private static final int SHOWN_DECIMALS = 6;

    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    Inches(TypedFields fields, Figures figures, Words words) {
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /** Told from large to small: what a hand knows, and what a gauge tells. */
    private enum Small {
        PAPER("0.1", true),
        HAIR("0.07", true),
        THOU("0.0254", false),
        HUNDREDTH("0.01", false),
        TENTH("0.00254", false),
        MICROMETRE("0.001", false);

        private final String millimetres;
        private final boolean about;

        Small(String millimetres, boolean about) {
            this.millimetres = millimetres;
            this.about = about;
        }
    }

    List<SmallView> small(String unitSymbol) {
        LengthUnit unit = fields.unit(unitSymbol);
        return Arrays.stream(Small.values())
                .map(each -> new SmallView(
                        words.say("small." + each.name().toLowerCase(Locale.ROOT)),
                        figures.fine(Length.ofMillimetres(each.millimetres), unit),
                        each.about))
                .toList();
    }

    /** @param text {@code 17/32}, {@code 0.53125}, {@code 13.49375 mm} */
    record TypedInch(String unit, String text) {}

    InchView of(TypedInch typed) {
        LengthUnit unit = fields.unit(typed.unit());
        TypedLength meant = read(typed.text(), unit);
        // What is another length in another unit was typed without one; not all that can be typed in one can be in the
        // other.
        Optional<Length> other = TypedLength.parse(typed.text(), unit.other(), TypedLength.Kind.SIZE)
                .fold(
                        read -> Optional.of(read).filter(each -> each.unit() != meant.unit()),
                        refusal -> Optional.<TypedLength>empty())
                .map(TypedLength::length);
        boolean isFraction = meant.decimals().isEmpty();
        // A fraction without a unit is one of an inch, whatever unit is at hand.
        Length size = isFraction && !unit.isInch() ? other.orElse(meant.length()) : meant.length();
        return new InchView(
                meaning(size),
                other.filter(each -> !isFraction).map(this::meaning).orElse(null));
    }

    private TypedLength read(String text, LengthUnit unit) {
        return TypedLength.parse(text, unit, TypedLength.Kind.SIZE).fold(typed -> typed, refusal -> {
            throw fields.refused("text", refusal, unit);
        });
    }

    private SameSizeView meaning(Length size) {
        BigDecimal inches = size.in(LengthUnit.INCH);
        BigDecimal exact = inches.setScale(EXACT_DECIMALS, RoundingMode.HALF_EVEN);
        boolean isExact = Length.of(exact, LengthUnit.INCH).equals(size);
        BigDecimal told = isExact ? exact : inches.setScale(SHOWN_DECIMALS, RoundingMode.HALF_EVEN);
        String shown = figures.number(told);
        String millimetres = figures.number(size.in(LengthUnit.MILLIMETRE));
        return new SameSizeView(
                size.picometres(),
                millimetres,
                shown,
                !isExact,
                figures.number(told.movePointRight(3)),
                fraction(size, SIXTY_FOURTHS),
                fraction(size, HUNDRED_TWENTY_EIGHTHS),
                words.say(
                        isExact ? "inch.exact" : "inch.rounded", Map.of("millimetres", millimetres, "inches", shown)));
    }

    private NearFractionView fraction(Length size, int parts) {
        InchFraction nearest = InchFraction.nearest(size, parts);
        boolean isExact = nearest.error().isZero();
        boolean isOver = !nearest.error().isNegative();
        Length apart = nearest.error().abs();
        return new NearFractionView(
                nearest.toString(),
                size.plus(nearest.error()).picometres(),
                isExact ? null : figures.significant(apart, LengthUnit.MILLIMETRE),
                isExact
                        ? words.say("inch.fraction-exact", Map.of("fraction", nearest.toString()))
                        : words.say(
                                isOver ? "inch.fraction-over" : "inch.fraction-under",
                                Map.of(
                                        "fraction",
                                        nearest.toString(),
                                        "parts",
                                        parts,
                                        "error",
                                        figures.significant(apart, LengthUnit.MILLIMETRE)
                                                .inBoth())));
    }
}
