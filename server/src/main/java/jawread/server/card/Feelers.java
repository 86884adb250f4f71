package jawread.server.card;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Feeler;
import jawread.core.scale.Scales;
import jawread.core.stack.BlockSet;
import jawread.core.stack.FeelerGap;
import jawread.core.stack.FeelerGap.Laid;
import jawread.server.card.FeelerView.FeelerSetView;
import jawread.server.card.FeelerView.LaidView;
import jawread.server.scale.ScaleViews;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** Lays leaves for a gap. */
@Service
class Feelers {
    private final ScaleViews scales;
    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    Feelers(ScaleViews scales, TypedFields fields, Figures figures, Words words) {
        this.scales = scales;
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /** @param leaves apart by semicolons */
    record TypedGap(String unit, String leaves, String gap) {}

    List<FeelerSetView> sets() {
        return Scales.all().stream()
                .filter(Feeler.class::isInstance)
                .map(Feeler.class::cast)
                .map(set -> new FeelerSetView(
                        scales.of(set, Length.ZERO).name(),
                        set.unit().symbol(),
                        set.leaves().stream()
                                .map(leaf -> TypedFields.asTyped(leaf, set.unit()))
                                .collect(Collectors.joining("; "))))
                .toList();
    }

    /** Refuses leaves that are none, and a gap that is none. */
    FeelerView of(TypedGap typed) {
        LengthUnit unit = fields.unit(typed.unit());
        List<Length> leaves = BlockSet.parse(typed.leaves(), unit).fold(BlockSet::blocks, refusal -> {
            throw fields.refused("leaves", refusal, unit);
        });
        Length gap = fields.aboveZero("gap", typed.gap(), unit, "size-needed")
                .orElseThrow(() -> Refused.field("gap", "size-needed", words));
        FeelerGap found = FeelerGap.of(leaves, gap);
        return new FeelerView(
                figures.all(gap, unit),
                leaves.stream().map(leaf -> figures.all(leaf, unit)).toList(),
                found.go().map(laid -> view(laid, unit)).orElse(null),
                found.noGo().map(laid -> view(laid, unit)).orElse(null),
                sentence(found, unit));
    }

    private LaidView view(Laid laid, LengthUnit unit) {
        return new LaidView(
                figures.all(laid.sum(), unit),
                laid.leaves().stream().map(leaf -> figures.all(leaf, unit)).toList(),
                laid.isTooMany()
                        ? words.say(
                                "feelers.too-many",
                                Map.of("count", laid.leaves().size(), "most", FeelerGap.MOST_LEAVES))
                        : null);
    }

    private String sentence(FeelerGap found, LengthUnit unit) {
        String key = found.go().isEmpty() ? "feelers.none-goes" : found.noGo().isEmpty() ? "feelers.all-go" : "feelers";
        return words.say(key, Map.of("go", laid(found.go(), unit), "noGo", laid(found.noGo(), unit)));
    }

    private String laid(Optional<Laid> laid, LengthUnit unit) {
        return laid.map(of -> figures.exactly(of.sum(), unit)).orElse("");
    }
}
