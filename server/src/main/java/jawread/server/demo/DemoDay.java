package jawread.server.demo;

import java.time.Instant;

/** The day on which the demonstration shop stands. */
final class DemoDay {
    /** A Tuesday, a little before eight. */
    static final Instant MORNING = Instant.parse("2026-03-10T06:50:00Z");

    private DemoDay() {}
}
