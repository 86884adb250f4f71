package jawread.server.jobfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.chain.Verification;
import jawread.server.live.Underway;
import jawread.server.tables.Table;
import jawread.server.words.Refused;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demonstration's jobs go out as files, into an empty shop, and out again. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class JobFileTest {
    /** Of a thousand, the longest would take most of the time. */
    private static final int LONGEST_MADE_UP = 60_000;

    private static final String TILDES = "three still ponds";

    @TempDir
    static Path from;

    @TempDir
    static Path to;

    private static Map<String, Table> tables;
    private static Server weir;
    private static Server other;

    @BeforeAll
    static void open() {
        weir = Server.open(from);
        other = Server.empty(to, "Kit");
        weir.put(3, "/api/v1/signers/3/passphrase", Map.of("before", "", "passphrase", TILDES, "again", TILDES));
        String seen = weir.get("/api/v1/jobs/1/record").json().path("edition").asString();
        Answer signed = weir.put(
                3, "/api/v1/jobs/1/sign-offs/" + UUID.randomUUID(), Map.of("passphrase", TILDES, "seen", seen));
        assertThat(signed.status()).as(signed.text()).isLessThan(300);
    }

    @AfterAll
    static void close() {
        weir.close();
        other.close();
    }

    private static List<JsonNode> jobs(Server server) {
        return StreamSupport.stream(server.get("/api/v1/jobs").json().spliterator(), false)
                .toList();
    }

    private static String file(Server server, long job) {
        Answer answer = server.get("/api/v1/jobs/" + job + "/job.json");
        assertThat(answer.status()).isEqualTo(200);
        return answer.text();
    }

    private static Answer send(Server server, String address, String file) {
        return server.send(server.ansasRequest(address)
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(file, StandardCharsets.UTF_8)));
    }

    private static Answer look(Server server, String file) {
        return send(server, "/api/v1/job-files/look", file);
    }

    private static Answer bringIn(Server server, String file) {
        String same = StreamSupport.stream(
                        look(server, file).json().path("named").spliterator(), false)
                .map(each ->
                        each.path("what").asString() + ":" + each.path("name").asString())
                .map(code -> "&same=" + URLEncoder.encode(code, StandardCharsets.UTF_8))
                .collect(Collectors.joining());
        return send(server, "/api/v1/job-files?" + same, file);
    }

    @Test
    @Order(1)
    void each_job_goes_into_an_empty_shop_and_comes_out_as_the_same_bytes() {
        for (JsonNode job : jobs(weir)) {
            String file = file(weir, job.path("id").asLong());
            JsonNode looked = look(other, file).json();
            assertThat(looked.path("state").asString()).isEqualTo("new");

            Answer in = bringIn(other, file);

            assertThat(in.status()).as(in.text()).isEqualTo(200);
            assertThat(file(other, in.json().path("job").asLong())).isEqualTo(file);
        }
        assertThat(jobs(other)).hasSameSizeAs(jobs(weir));
    }

    @Test
    @Order(2)
    void what_was_judged_there_is_judged_the_same_here() {
        JsonNode there = weir.get("/api/v1/bench").json().path("jobs");
        JsonNode here = other.get("/api/v1/bench").json().path("jobs");
        for (JsonNode job : there) {
            JsonNode same = Walk.named(here, job.path("name").asString());
            assertThat(same.path("verdict")).isEqualTo(job.path("verdict"));
            assertThat(same.path("measured")).isEqualTo(job.path("measured"));
            assertThat(sheetText(other, same)).isEqualTo(sheetText(weir, job));
        }
    }

    /** The full report, without what is the shop's own. */
    private static String sheetText(Server server, JsonNode job) {
        return server.get("/api/v1/jobs/" + job.path("id").asLong() + "/tables/verdicts.csv")
                .text();
    }

    @Test
    @Order(2)
    void where_it_came_from_stands_beside_it() {
        long job = jobs(other).get(0).path("id").asLong();
        assertThat(other.get("/api/v1/jobs/" + job + "/record")
                        .json()
                        .path("elsewhere")
                        .toString())
                .contains("Came in as a file from Low Weir Workshop", "by Kit");
        assertThat(weir.get("/api/v1/jobs/1/record").json().path("elsewhere")).isEmpty();
    }

    @Test
    @Order(2)
    void what_was_signed_there_is_no_signature_of_this_shop() {
        long shafts = Walk.named(other.get("/api/v1/bench").json().path("jobs"), "New idler shafts")
                .path("id")
                .asLong();
        JsonNode record = other.get("/api/v1/jobs/" + shafts + "/record").json();
        assertThat(record.path("state").asString()).isEqualTo("open");
        assertThat(record.path("records")).isEmpty();
        assertThat(record.path("elsewhere").toString())
                .contains("Signed in Low Weir Workshop, revision 1", "by Tilde", "no signature of this shop");
    }

    @Test
    @Order(2)
    void a_record_that_is_not_what_was_signed_is_refused() {
        int before = jobs(other).size();

        Answer answer = bringIn(other, MadeUpJobs.withOtherKeys(file(weir, 1), new Random(7)));

        assertThat(answer.code()).isEqualTo("job-file-signature");
        assertThat(answer.sentence()).contains("Signed record 1");
        assertThat(jobs(other)).hasSize(before);
    }

    @Test
    @Order(3)
    void the_same_file_again_keeps_nothing() {
        String file = file(weir, jobs(weir).get(0).path("id").asLong());

        assertThat(look(other, file).json().path("state").asString()).isEqualTo("again");
        JsonNode again = bringIn(other, file).json();

        assertThat(again.path("state").asString()).isEqualTo("again");
        assertThat(again.path("kept").asInt()).isZero();
        assertThat(jobs(other)).hasSameSizeAs(jobs(weir));
    }

    @Test
    @Order(4)
    void the_chain_tells_of_all_that_came_in() throws Exception {
        try (var connection = other.bean(javax.sql.DataSource.class).getConnection()) {
            assertThat(Verification.of(connection).misfits()).isEmpty();
        }
    }

    private static String changed(String file, String of, String to) {
        assertThat(file).contains(of);
        return file.replace(of, to);
    }

    private static String pump() {
        return file(
                weir,
                Walk.named(weir.get("/api/v1/bench").json().path("jobs"), "Three-throw pump")
                        .path("id")
                        .asLong());
    }

    /** What is refused says where and what, and leaves nothing behind. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            cut short                     | job-file-broken          | line 1
            not JSON at all               | job-file-broken          | line 1, column
            another format                | job-file-none            | jaw-read-job
            a newer edition               | job-file-edition         | edition 7
            a section too many            | job-file-section-unknown | surprises
            a section missing             | job-file-section-missing | soakings
            a row with another member     | job-file-row             | In readings, row 1
            a length that is none         | job-file-row             | rawPm
            a time that is none           | job-file-row             | takenAt
            a gauge that is not there     | job-file-row             | gauge
            a round of no part            | job-file-row             | round
            a kind that nobody knows      | job-file-not-judged      | make no job together
            a text with a bell            | job-file-row             | name
            the same member twice         | job-file-broken          | line
            a member missing              | job-file-row             | In readings, row 1, seq
            a text too long               | job-file-row             | In parts, row 1, name
            a figure too large            | job-file-row             | In parts, row 1
            no shop                       | job-file-home            | in which shop
            """)
    @Order(5)
    void a_damaged_file_is_refused_with_where_and_what(String how, String code, String says) {
        int before = jobs(other).size();
        String file = MadeUpJobs.withOtherKeys(pump(), new Random(5));
        String bad = switch (how) {
            case "cut short" -> file.substring(0, file.length() / 2);
            case "not JSON at all" -> "part;size\r\n1;2";
            case "another format" -> changed(file, "\"format\":\"jaw-read-job\"", "\"format\":\"other\"");
            case "a newer edition" -> changed(file, "\"edition\":1", "\"edition\":7");
            case "a section too many" -> changed(file, "\"edition\":1", "\"edition\":1,\"surprises\":[]");
            case "a section missing" -> changed(file, "\"soakings\":[]", "\"soakings\":7");
            case "a row with another member" -> changed(file, "\"readings\":[{", "\"readings\":[{\"colour\":\"red\",");
            case "a length that is none" -> file.replaceFirst("\"rawPm\":\"\\d+\"", "\"rawPm\":\"a lot\"");
            case "a time that is none" -> file.replaceFirst("\"takenAt\":\"[^\"]+\"", "\"takenAt\":\"yesterday\"");
            case "a gauge that is not there" ->
                file.replaceFirst("\"gauge\":\\d+,\"gaugeState\"", "\"gauge\":999,\"gaugeState\"");
            case "a round of no part" ->
                file.replaceFirst("\"round\":\"[^\"]+\",\"seq\"", "\"round\":\"" + UUID.randomUUID() + "\",\"seq\"");
            case "a kind that nobody knows" -> changed(file, "\"kind\":\"BORE\"", "\"kind\":\"TELESCOPE\"");
            case "a text with a bell" ->
                file.replaceFirst("\"name\":\"Three-throw pump\"", "\"name\":\"Three\\\\u0007throw\"");
            case "the same member twice" -> changed(file, "\"edition\":1", "\"edition\":1,\"edition\":1");
            case "a member missing" -> file.replaceFirst("\"seq\":\"\\d+\",", "");
            case "a text too long" -> file.replaceFirst("(\"parts\":\\[.*?\"name\":\")", "$1" + "x".repeat(81));
            case "a figure too large" ->
                file.replaceFirst("(\"parts\":\\[\\{)", "$1\"runningHours\":\"1234567890123.5\",");
            case "no shop" -> changed(file, "\"home\":\"Low Weir Workshop\"", "\"home\":\" \"");
            default -> throw new IllegalArgumentException(how);
        };

        Answer answer = bringIn(other, bad);

        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.code()).as(answer.sentence()).isEqualTo(code);
        assertThat(answer.sentence()).contains(says);
        assertThat(jobs(other)).hasSize(before);
    }

    @Test
    @Order(6)
    void what_the_shop_knows_by_the_same_name_is_asked_about() {
        String file = MadeUpJobs.withOtherKeys(pump(), new Random(6));

        Answer unsaid = send(other, "/api/v1/job-files", file);

        assertThat(unsaid.status()).isEqualTo(409);
        assertThat(unsaid.code()).isEqualTo("job-file-undecided");
        assertThat(unsaid.sentence()).contains("Ansa", "ring 3.25 in", "M4");
    }

    @Test
    @Order(7)
    void a_known_uuid_that_says_something_else_is_refused() {
        String file = pump();
        String bad = file.replaceFirst("\"typed\":\"3", "\"typed\":\"4");

        Answer answer = bringIn(other, bad);

        assertThat(answer.code()).isEqualTo("job-file-other-body");
        assertThat(answer.sentence()).contains("In readings, row ");
    }

    @Test
    @Order(8)
    void what_was_read_since_comes_along_and_nothing_twice() {
        var walk = new Walk(weir, "shaft 2", "body Ø 32 h9");
        Answer kept = walk.keep(walk.typed(0, "31.960"));
        assertThat(kept.status()).as(kept.text()).isLessThan(300);
        String file = file(
                weir,
                Walk.named(weir.get("/api/v1/bench").json().path("jobs"), "New idler shafts")
                        .path("id")
                        .asLong());

        assertThat(look(other, file).json().path("state").asString()).isEqualTo("more");
        JsonNode more = bringIn(other, file).json();
        assertThat(more.path("state").asString()).isEqualTo("more");
        assertThat(more.path("kept").asInt()).isPositive();
        assertThat(bringIn(other, file).json().path("state").asString()).isEqualTo("again");
    }

    /** Each in a transaction that is taken back, so that the next finds an empty drawer. */
    @Test
    @Order(9)
    void a_thousand_made_up_jobs_go_in_and_come_out_as_the_same_bytes() {
        var made = new MadeUpJobs(
                29,
                jobs(weir).stream()
                        .map(job -> file(weir, job.path("id").asLong()))
                        .filter(file -> file.length() < LONGEST_MADE_UP)
                        .toList());
        Person kit = other.bean(People.class).byId(1);
        JobFiles files = other.bean(JobFiles.class);
        var transaction = new TransactionTemplate(other.bean(PlatformTransactionManager.class));
        for (int i = 0; i < 1000; i++) {
            String file = made.next();

            String out = transaction.execute(status -> {
                status.setRollbackOnly();
                Set<String> people = Set.of("person:Ansa", "person:Bero", "person:Tilde", "person:Kit");
                long job = other.bean(Underway.class)
                        .under(
                                Optional.empty(),
                                progress -> files.bringIn(
                                        file.getBytes(StandardCharsets.UTF_8), people, Set.of(), kit, progress))
                        .job();
                return written(job, home(file));
            });

            assertThat(out).isEqualTo(file);
        }
    }

    @Test
    @Order(30)
    void a_long_file_says_how_far_it_is_and_is_stopped_with_nothing_kept() {
        byte[] file = new MadeUpJobs(
                        31, List.of(file(weir, jobs(weir).get(0).path("id").asLong())))
                .next()
                .getBytes(StandardCharsets.UTF_8);
        Set<String> people = Set.of("person:Ansa", "person:Bero", "person:Tilde", "person:Kit");
        Person kit = other.bean(People.class).byId(1);
        JobFiles files = other.bean(JobFiles.class);
        Underway underway = other.bean(Underway.class);
        UUID id = UUID.randomUUID();
        int before = jobs(other).size();

        assertThatThrownBy(() -> underway.under(Optional.of(id), progress -> {
                    underway.stop(id);
                    return files.bringIn(file, people, Set.of(), kit, progress);
                }))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("table-stopped");
        assertThat(jobs(other)).hasSize(before);

        var transaction = new TransactionTemplate(other.bean(PlatformTransactionManager.class));
        Underway.Far far = underway.under(
                Optional.of(id),
                progress -> transaction.execute(status -> {
                    status.setRollbackOnly();
                    files.bringIn(file, people, Set.of(), kit, progress);
                    return underway.far(id).orElseThrow();
                }));
        assertThat(far.of()).isPositive();
        assertThat(far.done()).isEqualTo(far.of());
        assertThat(underway.far(id)).isEmpty();
    }

    /** As this transaction has it. */
    private static String written(long job, String home) {
        return other.bean(JdbcTemplate.class).execute((ConnectionCallback<String>) connection -> {
            var to = new ByteArrayOutputStream();
            if (tables == null) {
                tables = Table.all(connection).stream().collect(Collectors.toMap(Table::name, table -> table));
            }
            JobFileWriter.write(JobRows.of(connection, tables, job), home, List.of(), to);
            return to.toString(StandardCharsets.UTF_8);
        });
    }

    private static String home(String file) {
        return new JsonMapper().readTree(file).path("home").asString();
    }
}
