package jawread.server.card;

import java.util.List;
import java.util.Map;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.MadeFrom;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** How far two holes or pins are apart, which no gauge can be laid on: from their edges, or from two positions. */
@Service
class Centres {
    private static final Set<MadeFrom> WAYS = Set.of(MadeFrom.EQUAL, MadeFrom.HOLES, MadeFrom.PINS, MadeFrom.ZEROS);

    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    Centres(TypedFields fields, Figures figures, Words words) {
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /**
     * @param kind equal, holes, pins, zeros
     * @param figures in the order of the formula
     */
    record TypedCentres(String unit, String kind, List<String> figures) {}

    CentresView of(TypedCentres typed) {
        LengthUnit unit = fields.unit(typed.unit());
        MadeFrom way = MadeFrom.of(typed.kind())
                .filter(WAYS::contains)
                .orElseThrow(() -> Refused.field("kind", "no-such-centres", words));
        if (typed.figures().size() != way.figures()) {
            throw Refused.field("figures", "no-such-centres", words);
        }
        List<Length> sizes = fields.sizes("figures", typed.figures(), unit);
        Length distance = way.of(sizes).fold(found -> found, refusal -> {
            throw fields.refused("figures", refusal, unit);
        });
        return new CentresView(
                figures.fine(distance, unit),
                words.say("centres." + way.code() + ".formula"),
                words.say(
                        "centres.said",
                        Map.of("distance", figures.fine(distance, unit).inBoth())));
    }
}
