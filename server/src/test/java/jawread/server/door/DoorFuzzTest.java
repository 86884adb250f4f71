package jawread.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.door.Requests.Request;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Every operation of the interface, with each field left out, null, of another kind, huge and deep: nothing is answered with 5xx, and
 * nothing takes long. A seeded slice each time, all of it with {@code -Djawread.long=true}.
 */
class DoorFuzzTest {
    private static final long SEED = 20;
    private static final int SLICE = 300;
    private static final Duration LONGEST = Duration.ofSeconds(5);

    @TempDir
    private Path folder;

    @Test
    void nothing_sent_is_answered_with_a_failure_or_takes_long() {
        try (var server = Server.open(folder)) {
            List<Request> requests = new Requests(server.get("/api/v1/openapi").json()).all();
            assertThat(requests).hasSizeGreaterThan(6000);
            Collections.shuffle(requests, new Random(SEED));
            boolean all = Boolean.getBoolean("jawread.long");
            List<Request> slice = all ? requests : requests.subList(0, SLICE);
            var failed = new ArrayList<String>();
            var statuses = new TreeMap<Integer, Integer>();
            Duration slowest = Duration.ZERO;
            for (Request request : slice) {
                Sent first = send(server, request);
                // A machine that stood still for a moment does not stand still twice at the same request.
                Sent sent = first.took().compareTo(LONGEST) > 0 ? send(server, request) : first;
                Answer answer = first.answer().status() >= 500 ? first.answer() : sent.answer();
                Duration took = sent.took();
                statuses.merge(answer.status(), 1, Integer::sum);
                slowest = took.compareTo(slowest) > 0 ? took : slowest;
                if (answer.status() >= 500 || took.compareTo(LONGEST) > 0) {
                    failed.add(answer.status() + " after " + took.toMillis() + " ms: " + request.method() + " "
                            + request.path() + ", " + request.what());
                }
            }
            System.out.printf(
                    "fuzz: %d of %d requests over every operation, answered %s; slowest %d ms%n",
                    slice.size(), requests.size(), statuses, slowest.toMillis());
            assertThat(failed.stream().limit(40).collect(Collectors.joining("\n")))
                    .as("%d failures", failed.size())
                    .isEmpty();
            assertThat(server.get("/api/v1/bench").status())
                    .as("the shop goes on")
                    .isEqualTo(200);
        }
    }

    private record Sent(Answer answer, Duration took) {}

    private static Sent send(Server server, Request request) {
        Instant start = Instant.now();
        Answer answer = server.send(request(server, request));
        return new Sent(answer, Duration.between(start, Instant.now()));
    }

    private static java.net.http.HttpRequest.Builder request(Server server, Request request) {
        var builder = server.ansasRequest(request.path()).header("If-Match", "\"0\"");
        if (request.method().equals("GET")) {
            return builder;
        }
        return builder.header("Content-Type", "application/json")
                .method(request.method(), java.net.http.HttpRequest.BodyPublishers.ofString(request.body()));
    }
}
