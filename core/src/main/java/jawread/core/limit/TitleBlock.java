package jawread.core.limit;

import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * What the title block of a drawing says of all its sizes: the unit, and what is allowed where a size has no tolerance of its
 * own.
 *
 * @param unit of figures that bear none
 * @param general the class of ISO 2768-1 in force, if any
 * @param byDecimals plus and minus by the number of decimals that a size is written with, a habit of inch drawings; empty
 *     where the shop has none
 */
public record TitleBlock(LengthUnit unit, Optional<GeneralTolerance> general, Map<Integer, Length> byDecimals) {
    public TitleBlock {
        byDecimals = Map.copyOf(byDecimals);
    }

    /** A title block that says nothing of sizes without a tolerance. */
    public static TitleBlock in(LengthUnit unit) {
        return new TitleBlock(unit, Optional.empty(), Map.of());
    }

    /**
     * Plus and minus for a size without a tolerance of its own. Decimals go before the general class: a shop that has
     * entered them writes by them. Refuses {@code no-tolerance}, and what {@link GeneralTolerance#at} refuses.
     */
    Outcome<Length> toleranceOf(TypedLength size) {
        if (size.decimals().isPresent() && size.unit().isInch()) {
            Length stated = byDecimals.get(size.decimals().getAsInt());
            if (stated != null) {
                return Outcome.of(stated);
            }
        }
        return general.map(of -> of.at(size.length()))
                .orElseGet(() -> Outcome.refused(Refusal.of("no-tolerance").with("size", size.length())));
    }
}
