package jawread.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import jawread.server.Drafting;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What a signer has before them is written down before they sign it, and signed so only if it still is that. */
class WrittenAheadTest {
    private static final long TILDE = 3;
    private static final String TILDES = "three still ponds";

    @TempDir
    static Path data;

    private static Server server;
    private static long gauge;

    private final long job;
    private final JsonNode part;

    WrittenAheadTest() {
        var drafting = new Drafting(server);
        JsonNode opened = drafting.open("written ahead", "mm", "");
        Map<String, Object> typed = Drafting.typed("journal", "outside", "32 h9");
        typed.put("layout", "one-place");
        assertThat(drafting.add(drafting.plan(opened), typed).status()).isEqualTo(200);
        job = opened.path("id").asLong();
        part = drafting.part(opened);
    }

    @BeforeAll
    static void open() {
        server = Server.open(data);
        gauge = new Walk(server, "shaft 2", "left end").gauge("M6");
        Map<String, Object> passphrase = Map.of("before", "", "passphrase", TILDES, "again", TILDES);
        assertThat(server.put(TILDE, "/api/v1/signers/" + TILDE + "/passphrase", passphrase)
                        .status())
                .isEqualTo(200);
    }

    @AfterAll
    static void close() {
        server.close();
    }

    private void read(String figure) {
        long feature = part.path("features").get(0).path("id").asLong();
        JsonNode sheet = server.get("/api/v1/parts/" + part.path("id").asLong() + "/features/" + feature + "/sheet")
                .json();
        Answer kept = server.put(
                "/api/v1/readings/" + UUID.randomUUID(),
                Map.of(
                        "part",
                        part.path("id").asLong(),
                        "feature",
                        feature,
                        "round",
                        0,
                        "place",
                        sheet.at("/rounds/0/places/0/id").asLong(),
                        "gauge",
                        gauge,
                        "person",
                        1,
                        "typed",
                        figure,
                        "takenAt",
                        "2026-03-10T08:00:00.123Z"));
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
    }

    /** The page as Tilde has it before her. @return the edition on it */
    private String opened() {
        Answer page =
                server.send(server.request("/api/v1/jobs/" + job + "/record").header("Cookie", server.ticketOf(TILDE)));
        return page.json().path("edition").asString();
    }

    private Answer sign(String passphrase, String seen) {
        return server.put(
                TILDE,
                "/api/v1/jobs/" + job + "/sign-offs/" + UUID.randomUUID(),
                Map.of("passphrase", passphrase, "seen", seen));
    }

    /** @return what was signed */
    private JsonNode signed(String seen) {
        Answer answer = sign(TILDES, seen);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        String record = answer.json().at("/shown/records/0/id").asString();
        return server.get("/api/v1/records/" + record + "/record.json").json();
    }

    /** By the server's clock, which stands in the days of the demonstration. */
    private static Instant now() {
        return server.bean(Clock.class).instant();
    }

    private static Instant frozen(JsonNode record) {
        return Instant.parse(record.path("frozen").asString());
    }

    @Test
    void what_still_is_the_job_is_signed_as_it_was_written() {
        read("31.970");
        read("31.970");
        String seen = opened();
        Instant looked = now();
        // It outlives a slip of the keys.
        assertThat(sign("three still pond", seen).code()).isEqualTo("passphrase-wrong");
        JsonNode record = signed(seen);
        assertThat(frozen(record)).isBefore(looked);
        assertThat(record.at("/rows/reading")).hasSize(2);
        assertThat(record.path("report").toString()).contains("31.970");
        assertThat(server.bean(WrittenAhead.class).of(job))
                .as("nobody wants it any more")
                .isEmpty();
    }

    @Test
    void what_was_read_since_is_in_what_is_signed() {
        read("31.970");
        read("31.970");
        opened();
        Instant looked = now();
        read("31.972");
        JsonNode record = signed(opened());
        assertThat(frozen(record)).isAfter(looked);
        assertThat(record.at("/rows/reading")).hasSize(3);
        assertThat(record.path("report").toString()).contains("31.972");
    }

    @Test
    void what_was_found_of_a_gauge_since_is_in_what_is_signed() {
        read("31.970");
        read("31.970");
        String seen = opened();
        Instant looked = now();
        Answer dropped = server.put(
                "/api/v1/drawer/gauges/" + gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", "dropped", "words", "on the bench"));
        assertThat(dropped.status()).as(dropped.text()).isEqualTo(200);
        assertThat(frozen(signed(seen))).isAfter(looked);
    }

    @Test
    void nothing_is_written_of_a_job_that_is_half_done_or_before_one_who_does_not_sign() {
        read("31.970");
        opened();
        assertThat(server.bean(WrittenAhead.class).of(job)).isEmpty();
        read("31.970");
        server.get("/api/v1/jobs/" + job + "/record");
        assertThat(server.bean(WrittenAhead.class).of(job)).isEmpty();
        opened();
        assertThat(server.bean(WrittenAhead.class).of(job)).isPresent();
    }
}
