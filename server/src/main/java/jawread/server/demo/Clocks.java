package jawread.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.JdbcTemplate;

/** The shop's clock. */
@Configuration
class Clocks {
    @Bean
    @Profile("!demo")
    Clock clock() {
        return Clock.systemUTC();
    }

    /** Starts at the demo day and runs; started again, it goes on from the last thing that happened, never back. */
    @Bean
    @Profile("demo")
    Clock demoClock(JdbcTemplate database) {
        Instant last = database.queryForObject("select max(at) from journal", Instant.class);
        Instant start = last != null && last.isAfter(DemoDay.MORNING) ? last : DemoDay.MORNING;
        return Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(), start));
    }
}
