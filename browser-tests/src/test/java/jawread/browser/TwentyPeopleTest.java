package jawread.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Twenty people at one shop for a minute, each as fast as answers come: nothing fails, nothing is lost. */
@Timeout(300)
@EnabledIfSystemProperty(named = "jawread.long", matches = "true")
class TwentyPeopleTest {
    private static final int PEOPLE = 20;
    private static final Duration LONG = Duration.ofSeconds(60);

    private final Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
    private final Queue<Long> took = new ConcurrentLinkedQueue<>();
    private final Map<Integer, Integer> statuses = new ConcurrentHashMap<>();

    @Test
    void nothing_fails_and_every_acknowledged_reading_is_there() throws Exception {
        try (PackagedServer server = PackagedServer.alone()) {
            String ticket = server.ticket();
            Instant end = Instant.now().plus(LONG);
            var people = new ArrayList<Thread>();
            for (int person = 0; person < PEOPLE; person++) {
                int part = 1 + person % 4;
                var thread = new Thread(() -> measure(server, ticket, part, end));
                thread.start();
                people.add(thread);
            }
            for (Thread person : people) {
                person.join();
            }
            var all = new StringBuilder();
            for (int part = 1; part <= 4; part++) {
                all.append(server.get("/api/v1/parts/" + part + "/features/1/sheet")
                        .body());
            }
            String found = all.toString();
            List<Long> sorted = took.stream().sorted().toList();
            System.out.printf(
                    "20 people for %d s: %d requests answered %s, %d readings, median %d ms, 95th percentile %d ms%n",
                    LONG.toSeconds(),
                    sorted.size(),
                    statuses,
                    acknowledged.size(),
                    sorted.get(sorted.size() / 2),
                    sorted.get(sorted.size() * 95 / 100));
            assertThat(statuses.keySet()).isSubsetOf(200, 201);
            assertThat(acknowledged).isNotEmpty().allMatch(found::contains);
        }
    }

    /** Of three things done two are looks: the bench, and what the part comes to. */
    private void measure(PackagedServer server, String ticket, int part, Instant end) {
        try {
            for (int i = 0; Instant.now().isBefore(end); i++) {
                Instant start = Instant.now();
                String id = UUID.randomUUID().toString();
                int status = i % 3 == 0
                        ? server.write("PUT", "/api/v1/readings/" + id, ticket, reading(part))
                                .statusCode()
                        : server.get(i % 3 == 1 ? "/api/v1/bench" : "/api/v1/parts/" + part + "/judgement")
                                .statusCode();
                took.add(Duration.between(start, Instant.now()).toMillis());
                statuses.merge(status, 1, Integer::sum);
                if (status == 201) {
                    acknowledged.add(id);
                }
            }
        } catch (IOException | InterruptedException failure) {
            statuses.merge(0, 1, Integer::sum);
        }
    }

    private static String reading(int part) {
        return """
                {"part": %d, "feature": 1, "round": 0, "place": 1, "gauge": 6, "person": 1,
                 "typed": "25.010", "takenAt": "2026-03-10T08:00:00Z"}""".formatted(part);
    }
}
