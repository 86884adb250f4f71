package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * Slips that were found and owned to, for practice.
 *
 * @param all whether those of others are among them
 * @param counts the commonest first
 * @param slips the newest first
 */
public record SlipLogView(boolean all, List<CountView> counts, List<OwnedView> slips) {
    /** How often one kind of slip was made on one gauge. */
    public record CountView(String person, String gauge, String slip, int times) {}

    /** @param shouldBe absent where it was read again rather than put right */
    public record OwnedView(
            Instant at,
            String person,
            String gauge,
            String slip,
            LengthText read,
            @Nullable LengthText shouldBe,
            String job) {}
}
