package jawread.server.drawer;

import java.util.List;
import jawread.server.words.LengthText;

/**
 * How well a value is known, and what that comes of.
 *
 * @param expanded U, of two significant digits
 * @param sentence what it comes of mostly
 * @param contributions the largest first; what adds nothing is left out
 */
public record UncertaintyView(LengthText expanded, String sentence, List<ContributionView> contributions) {
    /**
     * @param name of the source, for reading
     * @param alone the U it would make alone
     * @param percent of the whole, by variance
     */
    public record ContributionView(String source, String name, LengthText alone, int percent) {}
}
