package jawread.core.judge;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * What a cut was asked to take and what came off, both on the size.
 *
 * @param asked what the turner set out to take; empty when it was not said
 * @param took what came off; negative when the size moved the other way, which no cut does
 */
public record CutTaken(Optional<Length> asked, Length took) {
    /** From the sizes before and after. Exact. */
    public static CutTaken of(FeatureKind kind, Optional<Length> asked, Length before, Length after) {
        return new CutTaken(asked, kind.shrinksWithCutting() ? before.minus(after) : after.minus(before));
    }

    /** Took minus asked: above zero when the tool cut more than it was asked to. */
    public Optional<Length> beyondAsked() {
        return asked.map(took::minus);
    }
}
