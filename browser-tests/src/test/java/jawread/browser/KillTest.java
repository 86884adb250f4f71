package jawread.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/**
 * An acknowledged reading survives kill -9 under write load, four writers at once: one round each time, twenty with
 * {@code -Djawread.long=true}.
 */
@Timeout(900)
class KillTest {
    private static final int ROUNDS = Boolean.getBoolean("jawread.long") ? 20 : 1;
    private static final int WRITERS = 4;
    private static final int FEWEST_A_ROUND = 20;

    @Test
    void every_acknowledged_reading_is_found_again() throws Exception {
        Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
        try (PackagedServer server = PackagedServer.alone()) {
            for (int round = 0; round < ROUNDS; round++) {
                int before = acknowledged.size();
                List<Thread> writers = write(server, server.ticket(), acknowledged);
                while (acknowledged.size() < before + FEWEST_A_ROUND + round * 7) {
                    Thread.sleep(5);
                }
                server.kill();
                for (Thread writer : writers) {
                    writer.join();
                }
                server.startAgain();
                String sheets = sheets(server);
                assertThat(acknowledged)
                        .as("acknowledged before the kill of round %d", round + 1)
                        .isNotEmpty()
                        .allMatch(sheets::contains);
            }
        }
        System.out.println("kill -9: " + acknowledged.size() + " acknowledged readings, all found again after " + ROUNDS
                + (ROUNDS == 1 ? " kill" : " kills"));
    }

    private static List<Thread> write(PackagedServer server, String ticket, Queue<String> acknowledged) {
        var writers = new ArrayList<Thread>();
        for (int writer = 1; writer <= WRITERS; writer++) {
            int part = writer;
            var thread = new Thread(() -> writeUntilKilled(server, ticket, part, acknowledged));
            thread.start();
            writers.add(thread);
        }
        return writers;
    }

    private static void writeUntilKilled(PackagedServer server, String ticket, int part, Queue<String> acknowledged) {
        try {
            while (true) {
                String id = UUID.randomUUID().toString();
                int status = server.write("PUT", "/api/v1/readings/" + id, ticket, reading(part))
                        .statusCode();
                if (status != 201) {
                    throw new AssertionError("A reading was answered with " + status);
                }
                acknowledged.add(id);
            }
        } catch (IOException | InterruptedException killed) {
            // What was on its way when the server died was not acknowledged.
        }
    }

    private static String reading(int part) {
        return """
                {"part": %d, "feature": 1, "round": 0, "place": 1, "gauge": 6, "person": 1,
                 "typed": "25.010", "takenAt": "2026-03-10T08:00:00Z"}""".formatted(part);
    }

    private static String sheets(PackagedServer server) throws IOException, InterruptedException {
        var all = new StringBuilder();
        for (int part = 1; part <= WRITERS; part++) {
            all.append(server.get("/api/v1/parts/" + part + "/features/1/sheet").body());
        }
        return all.toString();
    }
}
