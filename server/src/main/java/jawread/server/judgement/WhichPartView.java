package jawread.server.judgement;

import java.time.Instant;
import java.util.List;

/**
 * Where else a part stands.
 *
 * @param same where it is known, or held, to be the same; the oldest job first
 * @param asked parts that bear its mark, of which nobody has said whether they are it; the newest job first
 * @param more that bear its mark, besides those
 */
public record WhichPartView(List<SamePartView> same, List<SamePartView> asked, int more) {
    /**
     * @param part its number there
     * @param name what it is called there
     * @param at when it was measured there first
     * @param how {@code confirmed}: a person said so; {@code by-mark}: held to be the same by its mark, not confirmed; {@code asked}
     */
    public record SamePartView(long part, String name, String job, Instant at, String how) {}
}
