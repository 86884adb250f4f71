package jawread.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.sql.DataSource;
import jawread.server.Drafting;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.access.Person;
import jawread.server.storage.Trouble;
import jawread.server.tables.CanonicalJson;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A job is signed by two, checked, read on, opened again and signed anew; then its file is tampered with. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class RecordsTest {
    private static final long ANSA = 1;
    private static final long BERO = 2;
    private static final long TILDE = 3;
    private static final String TILDES = "three still ponds";
    private static final String BEROS = "grease and graphite";

    @TempDir
    static Path data;

    private static Server server;
    private static long job;

    @BeforeAll
    static void open() {
        server = Server.open(data);
        job = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "New idler shafts")
                .path("id")
                .asLong();
    }

    @AfterAll
    static void close() {
        server.close();
    }

    private static JsonNode record() {
        return server.get("/api/v1/jobs/" + job + "/record").json();
    }

    private static Answer sign(long person, String passphrase, String seen) {
        return server.put(
                person,
                "/api/v1/jobs/" + job + "/sign-offs/" + UUID.randomUUID(),
                Map.of("passphrase", passphrase, "seen", seen));
    }

    private static Answer sign(long person, String passphrase) {
        return sign(person, passphrase, record().path("edition").asString());
    }

    private static Answer passphrase(long by, long of, String before, String set) {
        return server.put(
                by, "/api/v1/signers/" + of + "/passphrase", Map.of("before", before, "passphrase", set, "again", set));
    }

    private static Answer check(Map<String, String> body) {
        return server.post("/api/v1/records/check", body);
    }

    private static byte[] bytes(String path) throws Exception {
        return java.net.http.HttpClient.newHttpClient()
                .send(server.request(path).build(), BodyHandlers.ofByteArray())
                .body();
    }

    private static String file(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }

    @Test
    @Order(1)
    void who_signs_is_decided_and_proven() {
        assertThat(sign(TILDE, TILDES).code()).isEqualTo("no-passphrase-yet");
        assertThat(sign(ANSA, "whatever it is").code()).isEqualTo("may-not-sign");
        assertThat(passphrase(ANSA, TILDE, "", TILDES).code()).isEqualTo("not-your-passphrase");
        assertThat(passphrase(TILDE, TILDE, "", "short").json().toString()).contains("at least 10 characters");
        assertThat(passphrase(TILDE, TILDE, "", TILDES).status()).isEqualTo(200);
        // Once it is set, picking a name is not enough to set another.
        assertThat(passphrase(TILDE, TILDE, "a guess of mine", "my own from now")
                        .code())
                .isEqualTo("passphrase-wrong");
        server.put("/api/v1/people/" + BERO + "/may", Map.of("may", List.of("measures", "signs", "learns")));
        assertThat(passphrase(BERO, BERO, "", BEROS).code()).isEqualTo("may-not-sign");
        server.put("/api/v1/people/" + BERO + "/may", Map.of("may", List.of("measures", "signs")));
        assertThat(passphrase(BERO, BERO, "", BEROS).status()).isEqualTo(200);
        String trail = server.get("/api/v1/trail?of=people").text();
        assertThat(trail).contains("Passphrase").doesNotContain(TILDES).doesNotContain("$2a$");
    }

    @Test
    @Order(2)
    void a_practice_job_says_so_and_is_never_signed() {
        JsonNode practice = new Drafting(server)
                .post(
                        "/api/v1/jobs",
                        Map.of(
                                "name", "a first shaft",
                                "limitsSource", "",
                                "unit", "mm",
                                "template", "",
                                "practice", true))
                .json();
        assertThat(practice.path("lives").asString()).startsWith("Practice: ");
        String path = "/api/v1/jobs/" + practice.path("id").asLong();
        String seen = server.get(path + "/record").json().path("edition").asString();
        Answer refused =
                server.put(TILDE, path + "/sign-offs/" + UUID.randomUUID(), Map.of("passphrase", TILDES, "seen", seen));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.code()).isEqualTo("practice-unsigned");
    }

    @Test
    @Order(2)
    void what_was_changed_meanwhile_is_not_signed() {
        String seen = record().path("edition").asString();
        var walk = new Walk(server, "shaft 2", "left end");
        assertThat(walk.keep(walk.typed(0, "25.009")).status()).isEqualTo(201);
        assertThat(sign(TILDE, TILDES, seen).code()).isEqualTo("changed-while-signing");
        assertThat(sign(TILDE, "three still pond").code()).isEqualTo("passphrase-wrong");
        assertThat(record().path("state").asString()).isEqualTo("open");
        assertThat(record().path("halfDone").asString()).startsWith("Half done: ");
    }

    @Test
    @Order(2)
    void a_draft_is_not_signed_once_a_gauge_of_the_drawer_was_looked_at() {
        Freezing.Draft draft = server.bean(Freezing.class).begin(job).draft();
        long gauge = server.bean(JdbcTemplate.class)
                .queryForObject(
                        "select min(id) from gauge where id not in (select gauge_id from reading where job_id = ?)",
                        Long.class,
                        job);
        server.put(
                "/api/v1/drawer/gauges/" + gauge + "/events/" + UUID.randomUUID(),
                Map.of("kind", "dropped", "words", "on the bench"));
        var tilde = new Person(TILDE, "Tilde", "", Set.of());
        assertThat(server.bean(Records.class)
                        .sign(UUID.randomUUID(), job, record().path("edition").asString(), tilde, draft))
                .isEmpty();
    }

    @Test
    @Order(3)
    void two_sign_and_each_signature_bears_the_one_before() {
        UUID id = UUID.randomUUID();
        Map<String, Object> body =
                Map.of("passphrase", TILDES, "seen", record().path("edition").asString());
        String path = "/api/v1/jobs/" + job + "/sign-offs/" + id;
        Answer signed = server.put(TILDE, path, body);
        assertThat(signed.status()).as(signed.text()).isEqualTo(200);
        // Sent again, it is the same one.
        assertThat(server.put(TILDE, path, body).json().path("kept").asString()).isEqualTo("before");
        assertThat(sign(TILDE, TILDES).code()).isEqualTo("signed-by-you");
        assertThat(sign(BERO, BEROS).status()).isEqualTo(200);
        JsonNode record = record();
        assertThat(record.path("state").asString()).isEqualTo("signed");
        JsonNode signatures = record.at("/records/0/signatures");
        assertThat(signatures.size()).isEqualTo(2);
        assertThat(signatures.at("/0/name").asString()).isEqualTo("Tilde");
        assertThat(signatures.at("/1/name").asString()).isEqualTo("Bero");
        assertThat(Trouble.pagesMadeUnderLocks())
                .as("nobody waits while a job is written down")
                .isEmpty();
    }

    @Test
    @Order(4)
    void a_record_and_its_files_are_held_against_what_is_kept() throws Exception {
        JsonNode standing = record().at("/records/0");
        String hash = standing.path("sha256").asString();
        String id = standing.path("id").asString();
        byte[] json = bytes("/api/v1/records/" + id + "/record.json");
        assertThat(CanonicalJson.digest(json)).isEqualTo(hash);
        assertThat(check(Map.of("hash", " " + hash.toUpperCase(java.util.Locale.ROOT) + " "))
                        .json()
                        .path("fits")
                        .asBoolean())
                .isTrue();
        assertThat(check(Map.of("hash", standing.at("/signatures/1/sha256").asString()))
                        .json()
                        .path("fits")
                        .asBoolean())
                .isTrue();
        byte[] pdf = bytes("/api/v1/records/" + id + "/report.pdf");
        Answer asIssued = check(Map.of("file", file(pdf)));
        assertThat(asIssued.json().path("sentence").asString())
                .as(asIssued.text())
                .isEqualTo("New idler shafts, revision 1, is what was signed.");
        pdf[pdf.length - 1] ^= 1;
        JsonNode changed = check(Map.of("file", file(pdf))).json();
        assertThat(changed.path("fits").asBoolean()).isFalse();
        assertThat(changed.at("/misfits/0").asString()).startsWith("This file is not as it left the shop");
        assertThat(check(Map.of("file", file(json))).json().path("fits").asBoolean())
                .isTrue();
        assertThat(check(Map.of("hash", "12 ab")).json().toString()).contains("it has 64 digits");
        assertThat(check(Map.of("hash", "0".repeat(64))).code()).isEqualTo("hash-unknown");
        assertThat(check(Map.of("file", file(bytes("/api/v1/jobs/" + job + "/report.pdf"))))
                        .code())
                .isEqualTo("no-report");
        assertThat(check(Map.of("file", file("a shopping list".getBytes()))).code())
                .isEqualTo("no-report");
        assertThat(check(Map.of("file", "%%%")).text()).contains("no report");
        String page = server.get("/api/v1/records/" + id + "/report").text();
        assertThat(page).contains(hash).contains("Signature 2").contains("Demonstration");
    }

    @Test
    @Order(5)
    void what_comes_after_is_kept_and_told_and_the_job_is_opened_again() {
        var walk = new Walk(server, "shaft 2", "left end");
        assertThat(walk.keep(walk.typed(0, "25.010")).status()).isEqualTo(201);
        JsonNode standing = record().at("/records/0");
        assertThat(standing.path("cameAfter").asInt()).isEqualTo(1);
        assertThat(standing.at("/since/0").asString())
                .isEqualTo("1 reading came after it was signed, and is not in it.");
        String path = "/api/v1/records/" + standing.path("id").asString();
        assertThat(server.put(path + "/set-aside", Map.of("reason", "")).status())
                .isEqualTo(422);
        assertThat(server.put(path + "/set-aside", Map.of("reason", "another phone"))
                        .json()
                        .at("/records/0/cameAfter")
                        .asInt())
                .isZero();
        // It still is what was signed: what came after lies outside.
        assertThat(check(Map.of("hash", standing.path("sha256").asString()))
                        .json()
                        .path("fits")
                        .asBoolean())
                .isTrue();
        assertThat(server.put(path + "/reopenings/" + UUID.randomUUID(), Map.of("reason", "one more"))
                        .code())
                .isEqualTo("may-not-sign");
        assertThat(server.put(TILDE, path + "/reopenings/" + UUID.randomUUID(), Map.of("reason", " "))
                        .status())
                .isEqualTo(422);
        Answer opened =
                server.put(TILDE, path + "/reopenings/" + UUID.randomUUID(), Map.of("reason", "shaft 2 read again"));
        assertThat(opened.json().at("/shown/state").asString()).isEqualTo("reopened");
        assertThat(server.put(TILDE, path + "/reopenings/" + UUID.randomUUID(), Map.of("reason", "again"))
                        .code())
                .isEqualTo("reopened-already");
        assertThat(sign(BERO, BEROS).status()).isEqualTo(200);
        JsonNode records = record().path("records");
        assertThat(records.at("/0/revision").asInt()).isEqualTo(2);
        assertThat(server.get("/api/v1/records/" + records.at("/0/id").asString() + "/record.json")
                        .json()
                        .path("follows")
                        .asString())
                .isEqualTo(standing.path("sha256").asString());
        assertThat(records.at("/1/reopened").asString()).contains("shaft 2 read again");
    }

    @Test
    @Order(6)
    void a_gauge_found_off_later_marks_the_record_and_changes_nothing_in_it() {
        JsonNode before = record().at("/records/0");
        long gauge = new Walk(server, "shaft 2", "left end").gauge("M6");
        Answer looked = server.put(
                "/api/v1/drawer/gauges/" + gauge + "/checks/" + UUID.randomUUID(),
                Map.of(
                        "shown",
                        "0.012",
                        "done",
                        "nothing",
                        "shownAfter",
                        "",
                        "temperature",
                        "",
                        "unitConfirmed",
                        true));
        assertThat(looked.status()).as(looked.text()).isBetween(200, 201);
        JsonNode after = record().at("/records/0");
        assertThat(after.path("since").toString()).contains("M6 was found off");
        assertThat(after.path("sha256")).isEqualTo(before.path("sha256"));
        assertThat(check(Map.of("hash", before.path("sha256").asString()))
                        .json()
                        .path("fits")
                        .asBoolean())
                .isTrue();
    }

    @Test
    @Order(7)
    void a_reading_changed_behind_our_back_is_found() throws Exception {
        String hash = record().at("/records/0/sha256").asString();
        try (var connection = server.bean(DataSource.class).getConnection();
                var statement = connection.createStatement()) {
            statement.execute("DROP TRIGGER reading_is_insert_only");
            statement.execute("UPDATE reading SET raw_pm = raw_pm + 1000000, typed = '25.010' WHERE typed = '25.009'");
        }
        JsonNode found = check(Map.of("hash", hash)).json();
        assertThat(found.path("fits").asBoolean()).isFalse();
        assertThat(found.path("misfits").toString())
                .contains("was changed in the tables: raw_pm was 25009000000, and is 25010000000.");
        try (var connection = server.bean(DataSource.class).getConnection();
                var statement = connection.createStatement()) {
            statement.execute("DROP TRIGGER sign_off_is_insert_only");
            statement.execute("UPDATE sign_off SET name = 'Ansa' WHERE number = 2");
        }
        assertThat(check(Map.of("hash", hash)).json().path("misfits").toString())
                .contains("The signature of Ansa was changed");
    }

    /** A picture that does not get smaller as a PNG stands in both reports of it: more than a line of the journal has room for. */
    @Test
    @Order(8)
    void a_record_of_more_than_a_million_letters_is_signed_and_stands_in_the_chain() throws Exception {
        var noise = new BufferedImage(480, 160, BufferedImage.TYPE_INT_ARGB);
        var random = new Random(28);
        for (int at = 0; at < 480 * 160; at++) {
            noise.setRGB(at % 480, at / 480, random.nextInt());
        }
        var png = new ByteArrayOutputStream();
        ImageIO.write(noise, "png", png);
        assertThat(server.put("/api/v1/shop/mark", Map.of("picture", file(png.toByteArray())))
                        .status())
                .isEqualTo(200);
        long pump = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Three-throw pump")
                .path("id")
                .asLong();
        String path = "/api/v1/jobs/" + pump + "/record";
        Answer signed = server.put(
                TILDE,
                "/api/v1/jobs/" + pump + "/sign-offs/" + UUID.randomUUID(),
                Map.of(
                        "passphrase",
                        TILDES,
                        "seen",
                        server.get(path).json().path("edition").asString()));
        assertThat(signed.status()).as(signed.text()).isEqualTo(200);
        String id = server.get(path).json().at("/records/0/id").asString();
        String content = new String(bytes("/api/v1/records/" + id + "/record.json"), StandardCharsets.UTF_8);
        assertThat(JsonMapper.shared().writeValueAsString(content))
                .as("as a line would tell it")
                .hasSizeGreaterThan(1_000_000);
        JsonNode chain = server.post("/api/v1/chain", Map.of()).json();
        assertThat(chain.path("misfits").toString())
                .doesNotContain("signed_record")
                .doesNotContain("shop_mark");
    }

    @Test
    @Order(9)
    void guessing_is_slowed_down() {
        for (int i = 0; i < 5; i++) {
            sign(TILDE, "guess number " + i);
        }
        assertThat(sign(TILDE, TILDES).code()).isEqualTo("too-many-tries");
    }
}
