package jawread.server.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.chain.Verification;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Tables as spreadsheets write them are brought into the valve seats' job. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TablesInTest {
    private static final Charset WESTERN = Charset.forName("windows-1252");

    @TempDir
    static Path data;

    private static Server server;
    private static long seats;

    @BeforeAll
    static void open() {
        server = Server.open(data);
        seats = Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Filter valve seats")
                .path("id")
                .asLong();
    }

    @AfterAll
    static void close() {
        server.close();
    }

    private static Answer send(String address, byte[] file) {
        return server.send(server.ansasRequest("/api/v1/jobs/" + seats + "/readings-in" + address)
                .header("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file)));
    }

    private static List<String> all(JsonNode of, String member) {
        return StreamSupport.stream(of.spliterator(), false)
                .map(each -> each.path(member).asString(""))
                .toList();
    }

    private static int readings() {
        return (int) server.get("/api/v1/jobs/" + seats + "/tables/readings.csv")
                        .text()
                        .lines()
                        .count()
                - 1;
    }

    /** Of the seat's own features, as the job calls them. */
    private static List<String> features() {
        var names = new ArrayList<String>();
        Walk.named(server.get("/api/v1/bench").json().path("jobs"), "Filter valve seats")
                .path("plans")
                .get(0)
                .path("parts")
                .get(0)
                .path("features")
                .forEach(feature -> names.add(feature.path("name").asString()));
        return names;
    }

    private static String messy(String first, String second) {
        return "Filtersitze, Messprotokoll\r\n\r\n"
                + "Serial;" + first + " [in];" + second + " (in);Gauge;Inspector;Bemerkung Größe\r\n"
                + "seat 11;1,375;0,875;C1;Bero;\r\n"
                + "seat 12;1,376;;C1;Bero;außen\r\n";
    }

    @Test
    @Order(1)
    void a_messy_file_is_understood_and_shown_before_anything_is_kept() {
        List<String> features = features();
        int before = readings();

        JsonNode looked = send("/look", messy(features.get(0), features.get(1)).getBytes(WESTERN))
                .json();

        assertThat(all(looked.path("columns"), "means"))
                .containsExactly("part", "=" + features.get(0), "=" + features.get(1), "gauge", "person", "");
        assertThat(all(looked.path("columns"), "unit")).contains("in");
        assertThat(all(looked.path("rows"), "figure")).containsExactly("1,375 in", "0,875 in", "1,376 in");
        assertThat(all(looked.path("rows"), "problem")).as(looked.toString()).containsOnly("");
        assertThat(looked.path("good").asInt()).isEqualTo(3);
        assertThat(readings()).isEqualTo(before);
    }

    @Test
    @Order(2)
    void it_is_kept_once_however_often_it_is_sent() throws Exception {
        byte[] file = messy(features().get(0), features().get(1)).getBytes(WESTERN);
        int before = readings();

        JsonNode kept = send("", file).json();

        assertThat(kept.path("kept").asInt()).as(kept.toString()).isEqualTo(3);
        assertThat(readings()).isEqualTo(before + 3);
        Answer again = send("", file);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.code()).isEqualTo("table-came-before");
        assertThat(again.sentence()).contains("Ansa");
        assertThat(readings()).isEqualTo(before + 3);
        String out =
                server.get("/api/v1/jobs/" + seats + "/tables/readings.csv").text();
        assertThat(out).contains("imported", "Bero");
        try (var connection = server.bean(DataSource.class).getConnection()) {
            assertThat(Verification.of(connection).misfits()).isEmpty();
        }
    }

    @Test
    @Order(3)
    void bad_rows_are_told_by_line_and_column_and_handed_back() {
        String feature = features().get(0);
        byte[] file = ("part;feature;reading;unit;gauge;taken_at\n"
                        + "seat 9;" + feature + ";1.375;in;C1;2026-01-05\n"
                        + "seat 99;" + feature + ";1.375;in;C1;\n"
                        + "seat 9;hole;1.375;in;C1;\n"
                        + "seat 10;" + feature + ";1.37x;in;C1;\n"
                        + "seat 10;" + feature + ";1.375;in;Z9;\n"
                        + "seat 10;" + feature + ";1.375;in;M3;\n"
                        + "seat 10;" + feature + ";1.375;in;C1;yesterday\n")
                .getBytes(StandardCharsets.UTF_8);
        int before = readings();

        JsonNode looked = send("/look", file).json();
        assertThat(looked.path("good").asInt()).as(looked.toString()).isEqualTo(1);
        assertThat(all(looked.path("rows"), "column")).contains("part", "feature", "gauge", "taken_at");
        Answer whole = send("", file);
        assertThat(whole.status()).isEqualTo(422);
        assertThat(whole.sentence()).contains("line 3, column part", "seat 99", "Nothing was kept");
        assertThat(readings()).isEqualTo(before);

        JsonNode some = send("?onlyGood=true", file).json();

        assertThat(some.path("kept").asInt()).isEqualTo(1);
        assertThat(some.path("bad").asInt()).isEqualTo(6);
        assertThat(some.path("rejected").asString().lines().toList()).hasSize(7);
        assertThat(some.path("rejected").asString())
                .contains("part,feature,reading,unit,gauge,taken_at,line in the file,why", "seat 99,", ",3,");
        assertThat(readings()).isEqualTo(before + 1);
    }

    @Test
    @Order(4)
    void what_the_columns_hold_may_be_said_and_is_remembered_for_that_head() {
        String feature = features().get(0);
        byte[] file = ("one;two;three\nseat 8;" + feature + ";1.375\n").getBytes(StandardCharsets.UTF_8);
        assertThat(send("/look", file).json().path("good").asInt()).isZero();
        String how = List.of("part", "feature", "figure").stream()
                .map(each -> "column=" + URLEncoder.encode(each, StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));

        JsonNode looked = send("/look?" + how, file).json();
        assertThat(looked.path("wants").asString("")).as(looked.toString()).isEqualTo("gauge");
        JsonNode kept = send("?" + how + "&gauge=C1", file).json();
        assertThat(kept.path("kept").asInt()).as(kept.toString()).isEqualTo(1);

        byte[] next = ("one;two;three\nseat 7;" + feature + ";1.375\n").getBytes(StandardCharsets.UTF_8);
        assertThat(all(send("/look?gauge=C1", next).json().path("columns"), "means"))
                .containsExactly("part", "feature", "figure");
    }

    @Test
    @Order(5)
    void a_sheet_filled_by_hand_is_typed_back_by_its_codes() {
        String sheet =
                server.get("/api/v1/jobs/" + seats + "/report?form=blank").text();
        byte[] file = "code,reading,gauge\nA1,1.375,C1\nE1,1.375,C1\nZZ9,1,C1\n".getBytes(StandardCharsets.UTF_8);

        JsonNode looked = send("/look", file).json();

        assertThat(all(looked.path("rows"), "part")).startsWith("seat 1", "seat 2");
        assertThat(all(looked.path("rows"), "problem").get(2)).contains("ZZ9");
        assertThat(sheet).contains("A1", "E1");
    }

    @Test
    @Order(6)
    void what_is_no_table_is_refused() {
        assertThat(send("/look", new byte[0]).status()).isBetween(400, 422);
        assertThat(send("/look", "PK\u0003\u0004 broken".getBytes(StandardCharsets.UTF_8))
                        .code())
                .isEqualTo("table-no-book");
        assertThat(send("/look", ("a;b\n1;" + "x".repeat(5000)).getBytes(StandardCharsets.UTF_8))
                        .sentence())
                .contains("line 2");
    }

    @Test
    @Order(7)
    void a_head_alone_and_meanings_that_there_are_not_are_refused() {
        byte[] head = "part;feature;reading\n".getBytes(StandardCharsets.UTF_8);
        assertThat(send("/look", head).code()).isEqualTo("table-no-readings");
        assertThat(send("", head).code()).isEqualTo("table-no-readings");
        byte[] file = "part;feature;reading;gauge\nseat 6;outside;1.375;C1\n".getBytes(StandardCharsets.UTF_8);
        assertThat(send("/look?column=part&column=feature&column=colour&column=gauge", file)
                        .code())
                .isEqualTo("table-columns-said");
        assertThat(send("/look?column=part", file).code()).isEqualTo("table-columns-said");
        assertThat(send("/look?gauge=Z9", file).status()).isEqualTo(422);
    }

    @Test
    @Order(8)
    void what_was_struck_stays_behind_and_a_quick_check_stays_one() {
        byte[] file = ("part;feature;reading;gauge;struck;quick_check\n"
                        + "seat 6;outside;1.375;C1;no;no\n"
                        + "seat 6;outside;1.380;C1;yes;no\n"
                        + "seat 6;outside;34.92 mm;C2;no;yes\n")
                .getBytes(StandardCharsets.UTF_8);
        JsonNode looked = send("/look", file).json();
        assertThat(all(looked.path("rows"), "problem").get(1)).contains("struck where it comes from");
        assertThat(all(looked.path("rows"), "size").get(0)).contains("1.375 in", "mm");

        JsonNode kept = send("?onlyGood=true", file).json();
        assertThat(kept.path("kept").asInt()).as(looked.path("rows").toString()).isEqualTo(2);
        assertThat(server.get("/api/v1/jobs/" + seats + "/tables/readings.csv")
                        .text()
                        .lines()
                        .filter(line -> line.contains("seat 6") && line.contains("imported"))
                        .filter(line -> line.contains(",yes,C2")))
                .hasSize(1);
    }

    /** Of a row with several readings only what was not kept comes back: brought in again, nothing is there twice. */
    @Test
    @Order(9)
    void a_row_comes_back_without_what_was_kept_of_it() {
        byte[] file =
                ("part;outside [in];seat bore [in];gauge\nseat 5;1.375;0.87x;C1\n").getBytes(StandardCharsets.UTF_8);

        String rejected = send("?onlyGood=true", file).json().path("rejected").asString();

        assertThat(rejected.lines().skip(1).toList())
                .hasSize(1)
                .first()
                .asString()
                .startsWith("seat 5,,0.87x,C1,2,");
        JsonNode again = send("", rejected.replace("0.87x", "0.875").getBytes(StandardCharsets.UTF_8))
                .json();
        assertThat(again.path("kept").asInt()).as(again.toString()).isEqualTo(1);
    }

    @Test
    @Order(10)
    void a_long_one_says_how_far_it_is_and_is_stopped_with_nothing_kept() throws Exception {
        int before = readings();
        String feature = features().get(0);
        String rows = IntStream.range(0, 4000)
                .mapToObj(i -> "seat 12," + feature + ",1.37" + i % 9 + ",in,C1,2026-01-01T00:00:00Z\r\n")
                .collect(Collectors.joining());
        byte[] file = ("part,feature,reading,unit,gauge,taken_at\r\n" + rows).getBytes(StandardCharsets.UTF_8);
        UUID id = UUID.randomUUID();
        CompletableFuture<Answer> answer = CompletableFuture.supplyAsync(() -> send("?id=" + id, file));
        String far = "/api/v1/underway/" + id;
        JsonNode seen;
        do {
            Thread.sleep(5);
            seen = server.send(server.ansasRequest(far)).json();
        } while (seen.path("done").asInt() == 0 && !answer.isDone());
        assertThat(seen.path("of").asInt()).isEqualTo(4000);
        assertThat(seen.path("secondsLeft").asInt()).isPositive();
        server.send(Server.json(server.ansasRequest(far + "/stop"), "PUT", Map.of()));
        assertThat(answer.get().code()).isEqualTo("table-stopped");
        assertThat(readings()).isEqualTo(before);
        assertThat(server.send(server.ansasRequest(far)).json().path("of").asInt())
                .isZero();
    }

    @Test
    @Order(11)
    void a_round_that_there_is_not_is_told_before_anything_is_kept() {
        String feature = features().get(0);
        byte[] file = ("part,feature,reading,unit,gauge,round\r\nseat 12," + feature + ",1.375,in,C1,7\r\nseat 12,"
                        + feature + ",1.375,in,C1,0\r\n")
                .getBytes(StandardCharsets.UTF_8);
        JsonNode found = send("/look", file).json();
        assertThat(found.path("bad").asInt()).isEqualTo(1);
        assertThat(found.path("rows").get(0).path("problem").asString()).contains("round");
        JsonNode kept = send("?onlyGood=true", file).json();
        assertThat(kept.path("kept").asInt()).isEqualTo(1);
        assertThat(kept.path("rejected").asString()).contains(",7,");
    }
}
