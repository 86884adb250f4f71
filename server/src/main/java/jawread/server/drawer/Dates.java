package jawread.server.drawer;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The one way a day is said: 10 March 2026. */
final class Dates {
    private static final DateTimeFormatter IN_WORDS = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private Dates() {}

    static String said(LocalDate day) {
        return IN_WORDS.format(day);
    }
}
