package jawread.core.assess;

import java.time.Instant;

/** Something said of what was kept before: who, when, and why. */
public interface Said {
    String reason();

    /** The number they are kept under. */
    long person();

    Instant madeAt();
}
