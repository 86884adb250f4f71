package jawread.server.card;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.form.VBlock;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.server.card.LobesView.SeenView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** Odd lobes, which two contacts cannot see: how high they are by what an indicator shows over a V-block. */
@Service
class Lobes {
    private static final BigDecimal FEWEST = BigDecimal.valueOf(2);
    private static final BigDecimal MOST = BigDecimal.valueOf(12);
    private static final BigDecimal WIDEST = BigDecimal.valueOf(180);

    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    Lobes(TypedFields fields, Figures figures, Words words) {
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /** @param spread largest minus smallest of the indicator in one turn; empty where it was not read */
    record TypedLobes(String unit, String lobes, String angle, String spread) {}

    LobesView of(TypedLobes typed) {
        LengthUnit unit = fields.unit(typed.unit());
        int lobes = TypedNumber.within(typed.lobes(), FEWEST, MOST)
                .filter(count -> count.stripTrailingZeros().scale() <= 0)
                .map(BigDecimal::intValueExact)
                .orElseThrow(() -> Refused.field("lobes", "bad-lobes", words));
        BigDecimal angle = TypedNumber.within(typed.angle().replace("°", ""), BigDecimal.ONE, WIDEST)
                .orElseThrow(() -> Refused.field("angle", "bad-angle", words));
        BigDecimal factor = VBlock.factor(lobes, angle).fold(found -> found, refusal -> {
            throw fields.refused("angle", refusal, unit);
        });
        Optional<Length> spread = fields.size("spread", typed.spread(), unit);
        // What cannot be seen in this V is said whether or not the indicator was read.
        Outcome<Optional<LengthText>> height = VBlock.lobeHeight(lobes, angle, spread.orElse(Length.ZERO))
                .map(found -> spread.map(read -> shown(found, unit)));
        return new LobesView(
                lobes,
                angle.doubleValue(),
                said(factor),
                height.fold(found -> found.orElse(null), refusal -> null),
                IntStream.rangeClosed(FEWEST.intValue(), MOST.intValue())
                        .mapToObj(count -> seen(count, angle))
                        .toList(),
                height.fold(found -> sentence(lobes, angle, factor, found), refusal -> words.say(refusal, unit)));
    }

    private LengthText shown(Length height, LengthUnit unit) {
        Length step = unit.isInch() ? Length.ofInches("0.0001") : LengthUnit.MICROMETRE.whole();
        return figures.computed(height, unit, step, List.of());
    }

    private static SeenView seen(int lobes, BigDecimal angle) {
        BigDecimal factor = VBlock.factor(lobes, angle).fold(found -> found, refusal -> BigDecimal.ZERO);
        return new SeenView(
                lobes,
                factor.setScale(2, RoundingMode.HALF_EVEN).toPlainString(),
                factor.doubleValue(),
                VBlock.isSeen(factor));
    }

    private String said(BigDecimal factor) {
        return figures.number(factor.setScale(2, RoundingMode.HALF_EVEN));
    }

    private String sentence(int lobes, BigDecimal angle, BigDecimal factor, Optional<LengthText> height) {
        return words.say(
                height.isPresent() ? "lobes.height" : "lobes.shows",
                Map.of(
                        "lobes", lobes,
                        "angle", figures.number(angle),
                        "factor", said(factor),
                        "height", height.map(LengthText::inBoth).orElse("")));
    }
}
