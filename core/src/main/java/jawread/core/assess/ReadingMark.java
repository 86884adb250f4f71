package jawread.core.assess;

import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.misread.Slip;

/** Something said of a reading after it was kept. */
public record ReadingMark(UUID id, UUID reading, Kind kind, Answer answer, String reason, long person, Instant madeAt)
        implements Said {
    /** What is said. */
    public enum Kind {
        /** It no longer counts; it stays to be seen. */
        STRIKE,
        NOTE,
        /** Looked at in doubt, and right as it is. */
        KEEP,
        /** Misread, or read on a zero that had moved: it counts as what it should have been. */
        CORRECT;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * To what it answers; all empty for one that answers to nothing.
     *
     * @param shouldBe as the scale should have been read, of a correction
     * @param check that found the gauge off
     * @param slip that was owned to
     */
    public record Answer(Optional<Length> shouldBe, Optional<UUID> check, Optional<Slip> slip) {
        public static final Answer NONE = new Answer(Optional.empty(), Optional.empty(), Optional.empty());
    }
}
