package jawread.core.scale;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/** One kind of graduated face. Immutable. Each kind stands in a file of its own. */
public sealed interface Scale permits LinedScale, Comparator, Digits, Rule, Feeler {
    /** The name used everywhere, {@code mic-mm-0001}. */
    String id();

    /** What kind of gauge it stands on: its id before the unit, {@code mic}, {@code bore-dial}. */
    default String kind() {
        return id().replaceFirst("-(in|mm)(-.*)?$", "");
    }

    /** Its family, as the table of scales names it: {@code vernier}, {@code dial}, {@code thimble}. */
    String family();

    /** The unit its figures are in. */
    LengthUnit unit();

    /** The finest step it shows: a graduation, or a vernier's least count. */
    Length leastCount();

    /** Its parts in the order the eye reads them, coarse to fine. */
    List<ScalePart> parts();

    /**
     * What the parts add up to. Exact. Refusals, each with the part as hint: {@code unknown-part} (a count that this scale
     * has no part for would else be lost without a word), {@code missing-part}, {@code part-not-whole},
     * {@code part-out-of-range}, {@code estimate-too-fine}; on some kinds also {@code beam-needle-disagree} and
     * {@code not-on-scale}.
     *
     * @param base what the gauge adds on its own: its frame, rods, collars or nibs; of a comparator the size it is set to
     */
    default Outcome<ScaleReading> read(Length base, Parts parts) {
        Set<String> own = partNames();
        for (String name : parts.counts().keySet()) {
            if (!own.contains(name)) {
                return Outcome.refused(Refusal.of("unknown-part").with("hint", name));
            }
        }
        return add(base, parts);
    }

    /** The sum of parts that are all this scale's own. */
    Outcome<ScaleReading> add(Length base, Parts parts);

    /** The names under which a count says something on this scale. */
    Set<String> partNames();

    /**
     * What must show for a wanted size; for a size between two least counts the neighbours below and above. Exact.
     * Refusals: {@code below-range}, {@code above-range}.
     *
     * @param sense which way the figures go; looked at by comparators alone, which refuse without it as
     *     {@code missing-part}
     */
    Outcome<ScaleSetting> set(Length base, Optional<Sense> sense, Length wanted);

    /**
     * What the eye takes off it, look by look.
     *
     * @param own what its figures bear of a gauge's base, a whole number of coarse divisions; zero on most
     */
    default List<Glance> glances(Length own) {
        return parts().stream().map(Glance::of).toList();
    }

    /** Where the eye is easily misled on this scale. */
    List<Trap> traps();
}
