package jawread.server.words;

import java.util.Map;
import org.springframework.stereotype.Component;

/** The one way a span of time becomes text. */
@Component
public class Durations {
    private final Words words;

    Durations(Words words) {
        this.words = words;
    }

    /** Whole minutes from one on, so that nobody takes a plan for a stopwatch. */
    public String of(long seconds) {
        if (seconds < 60) {
            return words.say("time.seconds", Map.of("seconds", seconds));
        }
        long minutes = Math.round(seconds / 60.0);
        return minutes < 60
                ? words.say("time.minutes", Map.of("minutes", minutes))
                : words.say("time.hours", Map.of("hours", minutes / 60, "minutes", minutes % 60));
    }
}
