package jawread.bench;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * 100 000 readings of a job, brought in from a CSV, beside a JDBC batch insert of the same rows into the same table with its indexes; and
 * all of them as a workbook.
 */
public final class LongTable {
    private static final int READINGS = 100_000;
    private static final int FEATURES = 10;
    private static final int SECTIONS = 5;
    private static final int REPEATS = 2;
    private static final int OF_A_PART = FEATURES * SECTIONS * 2 * REPEATS;
    private static final int A_BATCH = 1000;

    private static final String TOKEN = """
            async () => (await (await fetch('/api/v1/tokens', { method: 'POST', headers: { 'Content-Type': 'application/json' },
              body: JSON.stringify({ name: 'bench', role: 'measures', person: 1, days: 1 }) })).json()).secret""";
    private static final String JOB =
            "async () => (await (await fetch('/api/v1/bench')).json()).jobs.find(j => j.name === 'Long table').id";

    private LongTable() {}

    /** @param arguments how many readings; none: 100 000 */
    public static void main(String[] arguments) throws Exception {
        int readings = arguments.length > 0 ? Integer.parseInt(arguments[0]) : READINGS;
        try (PackagedServer server = PackagedServer.alone()) {
            String token;
            long job;
            try (var chromium = new Chromium()) {
                Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
                page.navigate(server.address() + "/technique");
                Journals.plan(page, "Long table", FEATURES, SECTIONS, Math.max(1, readings / OF_A_PART));
                token = (String) page.evaluate(TOKEN);
                job = ((Number) page.evaluate(JOB)).longValue();
            }
            String table = table(readings);
            String path = "/api/v1/jobs/" + job + "/readings-in";
            double looked = timed(server, token, path + "/look", table);
            double took = timed(server, token, path, table);
            double judged = fetched(server, "/api/v1/jobs/" + job + "/tables/verdicts.csv");
            String book = "/api/v1/jobs/" + job + "/tables.xlsx";
            System.out.printf(
                    "the same %d readings judged for the first time in %.1f s, then all of them as a workbook in %.1f s; at most %d MB of"
                            + " heap held above idle%n",
                    readings, judged, fetched(server, book), ManyJobs.held(server, () -> fetched(server, book)) / 1000);
            // Tidying up again and again takes its time: what is held is seen while the same table comes again.
            long held = ManyJobs.held(server, () -> timed(server, token, path + "?again=true", table));
            server.stop();
            double batch = batch(server.data(), job, readings);
            System.out.printf(
                    "%d readings from CSV: looked at in %.1f s, kept in %.1f s; the same rows by a JDBC batch %.1f s, %.1f times that;"
                            + " at most %d MB of heap held above idle%n",
                    readings, looked, took, batch, took / batch, held / 1000);
        }
    }

    private static String table(int readings) {
        var table = new StringBuilder("part,feature,place,reading,unit,gauge\r\n");
        for (int i = 0; i < readings; i++) {
            int spot = i % OF_A_PART / REPEATS;
            table.append("part ").append(1 + i / OF_A_PART);
            table.append(",journal ").append(1 + spot / (SECTIONS * 2));
            table.append(",\"").append((char) ('a' + spot / 2 % SECTIONS));
            table.append(spot % 2 == 0 ? ", thrust\"," : ", cross\",");
            table.append("31.95").append(i % 3).append(",mm,M6\r\n");
        }
        return table.toString();
    }

    /** In s. */
    private static double fetched(PackagedServer server, String path) {
        return asked(path, HttpRequest.newBuilder(URI.create(server.address() + path)));
    }

    /** In s. */
    private static double timed(PackagedServer server, String token, String path, String table) {
        return asked(
                path,
                HttpRequest.newBuilder(URI.create(server.address() + path))
                        .header("Authorization", "Bearer " + token)
                        .header("Content-Type", "application/octet-stream")
                        .POST(BodyPublishers.ofString(table)));
    }

    private static double asked(String path, HttpRequest.Builder request) {
        try {
            long start = System.nanoTime();
            var answer = HttpClient.newHttpClient().send(request.build(), BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + ": " + new String(answer.body(), StandardCharsets.UTF_8));
            }
            return (System.nanoTime() - start) / 1e9;
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The rows that were kept, once more under other keys, in one transaction. @return in s */
    private static double batch(Path data, long job, int readings) throws SQLException {
        try (Connection shop = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("shop"), "sa", "")) {
            List<Object[]> rows = new ArrayList<>();
            List<String> columns = new ArrayList<>();
            try (ResultSet found = shop.createStatement()
                    .executeQuery("SELECT * FROM reading WHERE job_id = " + job + " ORDER BY seq LIMIT " + readings)) {
                int count = found.getMetaData().getColumnCount();
                for (int i = 1; i <= count; i++) {
                    columns.add(found.getMetaData().getColumnName(i));
                }
                while (found.next()) {
                    var row = new Object[count];
                    for (int i = 0; i < count; i++) {
                        row[i] = found.getObject(i + 1);
                    }
                    row[columns.indexOf("ID")] = UUID.randomUUID();
                    row[columns.indexOf("SEQ")] = 10_000_000L + rows.size();
                    rows.add(row);
                }
            }
            String marks = columns.stream().map(unused -> "?").collect(Collectors.joining(", "));
            shop.setAutoCommit(false);
            long start = System.nanoTime();
            try (PreparedStatement insert = shop.prepareStatement(
                    "INSERT INTO reading (" + String.join(", ", columns) + ") VALUES (" + marks + ")")) {
                for (int at = 0; at < rows.size(); at++) {
                    Object[] row = rows.get(at);
                    for (int i = 0; i < row.length; i++) {
                        insert.setObject(i + 1, row[i]);
                    }
                    insert.addBatch();
                    if (at % A_BATCH == A_BATCH - 1) {
                        insert.executeBatch();
                    }
                }
                insert.executeBatch();
            }
            shop.commit();
            return (System.nanoTime() - start) / 1e9;
        }
    }
}
