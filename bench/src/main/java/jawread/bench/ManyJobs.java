package jawread.bench;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * A shop that has measured for years: 300 jobs with 60 000 readings, all put away, beside the jobs of the demonstration. How long its bench
 * and "In doubt" take, the first time after a start and then, and what stays in memory while they are opened again and again. One job is
 * measured as a screen does it; the others are copies of its rows, made while no server runs.
 */
public final class ManyJobs {
    private static final int JOBS = 300;
    private static final int READINGS_OF_EACH = 200;
    private static final int OPENINGS = 30;
    private static final long BYTES_A_KB = 1024;
    /** More than any number that the demonstration shop has given. */
    private static final long APART = 100_000;

    /** The tables that hold a job, in the order in which they rest on each other, and the columns that number its things. */
    private static final List<Map.Entry<String, Set<String>>> TABLES = List.of(
            Map.entry("job", Set.of("id")),
            Map.entry("job_setting", Set.of("job_id")),
            Map.entry("plan", Set.of("id", "job_id")),
            Map.entry("plan_revision", Set.of("id", "plan_id")),
            Map.entry("feature", Set.of("id", "plan_id")),
            Map.entry("plan_feature", Set.of("plan_revision_id", "feature_id")),
            Map.entry("place", Set.of("id", "feature_id")),
            Map.entry("part", Set.of("id", "plan_id")),
            Map.entry("measuring_round", Set.of("part_id", "feature_id")),
            Map.entry("reading", Set.of("job_id", "plan_revision_id", "part_id", "place_id")),
            Map.entry("stored_version", Set.of("job_id")));

    /** Whose numbers are of the kind that a browser makes. */
    private static final Map<String, Set<String>> KEYS = Map.of(
            "measuring_round", Set.of("id"), "reading", Set.of("id", "round_id"), "feature", Set.of("feature_key"));

    private static final Map<String, String> OF_JOB = Map.ofEntries(
            Map.entry("job", "id = ?"),
            Map.entry("job_setting", "job_id = ?"),
            Map.entry("plan", "job_id = ?"),
            Map.entry("plan_revision", "plan_id IN (SELECT id FROM plan WHERE job_id = ?)"),
            Map.entry("feature", "plan_id IN (SELECT id FROM plan WHERE job_id = ?)"),
            Map.entry(
                    "plan_feature",
                    "feature_id IN (SELECT f.id FROM feature f JOIN plan p ON p.id = f.plan_id WHERE p.job_id = ?)"),
            Map.entry(
                    "place",
                    "feature_id IN (SELECT f.id FROM feature f JOIN plan p ON p.id = f.plan_id WHERE p.job_id = ?)"),
            Map.entry("part", "plan_id IN (SELECT id FROM plan WHERE job_id = ?)"),
            Map.entry(
                    "measuring_round",
                    "part_id IN (SELECT t.id FROM part t JOIN plan p ON p.id = t.plan_id WHERE p.job_id = ?)"),
            Map.entry("reading", "job_id = ?"),
            Map.entry("stored_version", "job_id = ?"));

    private static final String PUT_AWAY = """
            async (name) => {
              const { id } = (await (await fetch('/api/v1/bench')).json()).jobs.find((job) => job.name === name);
              const answer = await fetch(`/api/v1/jobs/${id}/archived`, {
                method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ archived: true }) });
              if (!answer.ok) throw new Error(await answer.text());
              return id;
            }""";

    private ManyJobs() {}

    public static void main(String[] arguments) throws Exception {
        try (PackagedServer server = PackagedServer.alone()) {
            long job = measureOne(server);
            server.stop();
            copy(server.data(), job);
            server.startAgain();
            System.out.printf(
                    "%d jobs put away, %d readings: never judged, \"In doubt\" in %.0f ms%n",
                    JOBS, JOBS * READINGS_OF_EACH, opened(server, "/api/v1/doubts"));
            for (int start = 1; start <= 3; start++) {
                server.stop();
                server.startAgain();
                System.out.printf(
                        "start %d: bench %.0f ms, \"In doubt\" %.0f ms%n",
                        start, opened(server, "/api/v1/bench"), opened(server, "/api/v1/doubts"));
            }
            for (String path : List.of("/api/v1/bench", "/api/v1/doubts")) {
                long before = heap(server);
                List<Double> took = new ArrayList<>();
                for (int i = 0; i < OPENINGS; i++) {
                    took.add(opened(server, path));
                }
                System.out.printf(
                        "%s: median %.1f ms, 95th percentile %.1f ms of %d; heap in use %d kB before and %d kB after%n",
                        path,
                        EnterToVerdict.at(took, 0.5),
                        EnterToVerdict.at(took, 0.95),
                        OPENINGS,
                        before,
                        heap(server));
            }
        }
    }

    /** @return its number */
    private static long measureOne(PackagedServer server) {
        try (var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            page.navigate(server.address() + "/technique");
            page.evaluate(LongWalk.SPOTS, Journals.plan(page, "A job of years ago", 2, 5, 10));
            page.evaluate(LongWalk.FILL, List.of(0, READINGS_OF_EACH));
            return ((Number) page.evaluate(PUT_AWAY, "A job of years ago")).longValue();
        }
    }

    private static void copy(Path data, long job) throws SQLException {
        try (Connection shop = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("shop"), "sa", "")) {
            for (int copy = 1; copy < JOBS; copy++) {
                for (Map.Entry<String, Set<String>> table : TABLES) {
                    copy(shop, table.getKey(), table.getValue(), job, copy);
                }
            }
        }
    }

    private static void copy(Connection shop, String table, Set<String> numbers, long job, int copy)
            throws SQLException {
        List<String> columns = new ArrayList<>();
        try (var described = shop.getMetaData().getColumns(null, "PUBLIC", table.toUpperCase(Locale.ROOT), null)) {
            while (described.next()) {
                columns.add(described.getString("COLUMN_NAME").toLowerCase(Locale.ROOT));
            }
        }
        String values = columns.stream()
                .map(column -> numbers.contains(column)
                        ? column + " + " + APART * copy
                        : KEYS.getOrDefault(table, Set.of()).contains(column)
                                ? "CAST('%08x' || SUBSTRING(CAST(%s AS VARCHAR), 9) AS UUID)".formatted(copy, column)
                                : column)
                .collect(Collectors.joining(", "));
        try (var insert = shop.prepareStatement("INSERT INTO %s (%s) SELECT %s FROM %s WHERE %s"
                .formatted(table, String.join(", ", columns), values, table, OF_JOB.get(table)))) {
            insert.setLong(1, job);
            insert.executeUpdate();
        }
    }

    /** In ms. */
    private static double opened(PackagedServer server, String path) throws IOException, InterruptedException {
        long start = System.nanoTime();
        int status = server.get(path).statusCode();
        if (status != 200) {
            throw new IllegalStateException(path + ": " + status);
        }
        return (System.nanoTime() - start) / 1e6;
    }

    /** Of what is left after tidying up, in kB. */
    static long heap(PackagedServer server) throws IOException, InterruptedException {
        long skipped;
        long left;
        do {
            skipped = skipped(server);
            // It tidies up first: what was dropped does not count as held.
            left = server.jcmd("GC.class_histogram")
                    .lines()
                    .filter(line -> line.startsWith("Total"))
                    .mapToLong(line -> Long.parseLong(line.strip().split("\\s+")[2]))
                    .sum();
        } while (skipped(server) > skipped);
        return left / BYTES_A_KB;
    }

    /** How often it was not tidied up, since something was being packed: then all that was dropped was counted, too. */
    private static long skipped(PackagedServer server) throws IOException {
        return server.log()
                .lines()
                .filter(line -> line.contains("pre-dump GC was skipped"))
                .count();
    }

    /** What is left after tidying up, again and again while something is done, less what was there before; in kB. */
    static long held(PackagedServer server, Callable<?> done) throws Exception {
        long idle = heap(server);
        long most = idle;
        ExecutorService beside = Executors.newSingleThreadExecutor();
        try {
            Future<?> doing = beside.submit(done);
            while (!doing.isDone()) {
                most = Math.max(most, heap(server));
            }
            doing.get();
            return most - idle;
        } finally {
            beside.shutdownNow();
        }
    }
}
