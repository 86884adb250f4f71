package jawread.server.demo;

import java.time.Instant;
import java.time.LocalDate;

/** The day on which the demonstration shop stands. */
final class DemoDay {
    /** A Tuesday, a little before eight. */
    static final Instant MORNING = Instant.parse("2026-03-10T06:50:00Z");

    static final LocalDate TODAY = LocalDate.of(2026, 3, 10);

    private DemoDay() {}
}
