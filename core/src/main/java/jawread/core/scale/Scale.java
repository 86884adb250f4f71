package jawread.core.scale;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;

/** One kind of graduated face. Immutable. */
public interface Scale {
    /** The name used everywhere, {@code mic-mm-0001}. */
    String id();

    /** The unit its figures are in. */
    LengthUnit unit();

    /** The finest step it shows: a graduation, or a vernier's least count. */
    Length leastCount();

    /** Its parts in the order the eye reads them, coarse to fine. */
    List<ScalePart> parts();

    /**
     * What the parts add up to. Exact. Refusals, each with the part as hint: {@code missing-part},
     * {@code part-not-whole}, {@code part-out-of-range}, {@code estimate-too-fine}.
     */
    Outcome<ScaleReading> read(Length base, Parts parts);

    /**
     * What must show for a wanted size; for a size between two least counts the neighbours below and above. Exact.
     * Refusals: {@code below-range}, {@code above-range}.
     */
    Outcome<ScaleSetting> set(Length base, Length wanted);
}
