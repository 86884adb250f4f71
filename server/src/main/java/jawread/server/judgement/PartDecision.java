package jawread.server.judgement;

import java.time.Instant;
import jawread.core.assess.Said;

/**
 * What a person decided for a part, whatever the rule says.
 *
 * @param said the step that the rule said then
 */
public record PartDecision(long part, String said, String decided, String reason, long person, Instant madeAt)
        implements Said {}
