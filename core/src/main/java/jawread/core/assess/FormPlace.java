package jawread.core.assess;

import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;

/**
 * A place with its size.
 *
 * @param known how well
 * @param resolution of the gauge that was read
 * @param spread s of single readings there
 */
public record FormPlace(Place place, Length size, Uncertainty known, Length resolution, Length spread) {}
