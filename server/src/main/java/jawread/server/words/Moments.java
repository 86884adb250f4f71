package jawread.server.words;

import java.time.Clock;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Days and times as they are said, by the shop's own clock; how far that is from UTC is said with the time. */
@Component
public class Moments {
    private final DateTimeFormatter day;
    private final DateTimeFormatter moment;
    private final Clock clock;

    Moments(Clock clock) {
        this.clock = clock;
        day = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH).withZone(clock.getZone());
        moment = DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm 'UTC'xxx", Locale.ENGLISH)
                .withZone(clock.getZone());
    }

    public Instant now() {
        return clock.instant();
    }

    /** 10 Mar 2026. */
    public String day(Instant at) {
        return day.format(at);
    }

    /** 10 Mar 2026, 08:15 UTC+00:00. */
    public String moment(Instant at) {
        return moment.format(at);
    }
}
