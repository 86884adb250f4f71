package jawread.server.measure;

import java.util.List;
import jawread.core.assess.ReadWith;
import jawread.core.scale.MadeFrom;

/**
 * The rest of a size that is made of several figures, as the bench sent it: the first is the reading's own.
 *
 * @param others in the order of the formula
 */
public record MadeBy(MadeFrom way, List<Other> others) {
    public MadeBy {
        others = List.copyOf(others);
    }

    /** @param typed as typed */
    public record Other(ReadWith with, String typed) {}
}
