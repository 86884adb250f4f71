package jawread.bench;

import com.microsoft.playwright.Page;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;
import jawread.browser.PlannedJob;

/** How long the full report of a part with 500 journals of 6 places takes as a PDF, with its pictures and without, and how much memory. */
public final class LongReport {
    private static final int JOURNALS = 500;
    private static final int RUNS = 3;

    /** A passphrase is set once in a life; hashing it slowly is meant, and is told apart. */
    private static final String MAY_SIGN = """
            async () => {
              const put = async (path, body) => {
                const from = performance.now();
                const answer = await fetch(path, {
                  method: 'PUT',
                  headers: { 'Content-Type': 'application/json' },
                  body: JSON.stringify(body),
                });
                if (!answer.ok) throw new Error(path + ': ' + (await answer.text()));
                return (performance.now() - from) / 1000;
              };
              const passphrase = 'four words of a bench';
              const { person } = await (await fetch('/api/v1/shop')).json();
              await put(`/api/v1/people/${person.id}/may`, { may: ['measures', 'keeps-the-drawer', 'signs'] });
              const hashed = await put(`/api/v1/signers/${person.id}/passphrase`, { before: '', passphrase, again: passphrase });
              return `setting a passphrase took ${hashed.toFixed(2)} s`;
            }
            """;

    /** By whoever stands there, who has looked at the report before, and then the page for so many ms; a second time after it was opened again. */
    private static final String SIGN = """
            async ([job, ms]) => {
              const asked = async (path, method, body) => {
                const answer = await fetch(path, {
                  method,
                  headers: { 'Content-Type': 'application/json' },
                  body: body && JSON.stringify(body),
                });
                if (!answer.ok) throw new Error(await answer.text());
                return answer.json();
              };
              const { records } = await asked(`/api/v1/jobs/${job}/record`, 'GET');
              if (records.length > 0) {
                await asked(`/api/v1/records/${records[0].id}/reopenings/${crypto.randomUUID()}`, 'PUT', { reason: 'once more' });
              }
              const { edition } = await asked(`/api/v1/jobs/${job}/record`, 'GET');
              await new Promise((done) => setTimeout(done, ms));
              const from = performance.now();
              await asked(`/api/v1/jobs/${job}/sign-offs/${crypto.randomUUID()}`, 'PUT', {
                passphrase: 'four words of a bench',
                seen: edition,
              });
              return `signed in ${((performance.now() - from) / 1000).toFixed(2)} s, ${(ms / 1000).toFixed(1)} s after its page was opened`;
            }
            """;

    /** As soon as its page stands, and after as long as it takes to type a passphrase. */
    private static final List<Integer> PAUSES = List.of(0, 4000, 0, 4000);

    private LongReport() {}

    public static void main(String[] arguments) throws Exception {
        int journals = arguments.length > 0 ? Integer.parseInt(arguments[0]) : JOURNALS;
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            page.navigate(server.address() + "/technique");
            List<Map<String, Object>> features = IntStream.rangeClosed(1, journals)
                    .mapToObj(i -> PlannedJob.feature(
                            "journal " + i,
                            "outside",
                            "50.000 -0.020",
                            Map.of("service", "49.900", "lies", "0-90", "layout", "bore", "number", "" + i)))
                    .toList();
            List<String> paths = PlannedJob.plan(page, "Long report", "mm", features, List.of());
            page.evaluate(LongWalk.SPOTS, paths);
            page.evaluate(ManyJournals.FILL);
            int job = ((Number)
                            page.evaluate(
                                    "async () => (await (await fetch('/api/v1/bench')).json()).jobs.find(j => j.name === 'Long report').id"))
                    .intValue();
            System.out.println(page.evaluate(MAY_SIGN));
            for (boolean pictures : new boolean[] {false, true}) {
                measure(server, job, journals, pictures);
            }
            for (int pause : PAUSES) {
                System.out.println(page.evaluate(SIGN, List.of(job, pause)));
            }
        }
    }

    private static void measure(PackagedServer server, int job, int journals, boolean pictures) throws Exception {
        List<Double> took = new ArrayList<>();
        int size = 0;
        for (int i = 0; i < RUNS; i++) {
            long start = System.nanoTime();
            size = fetched(server, job, pictures);
            took.add((System.nanoTime() - start) / 1e9);
        }
        System.out.printf(
                "report of %d journals of 6 places %s pictures: first %.1f s, then %.1f s; %.1f MB; at most %d MB of heap held above idle%n",
                journals,
                pictures ? "with" : "without",
                took.get(0),
                took.get(RUNS - 1),
                size / 1e6,
                ManyJobs.held(server, () -> fetched(server, job, pictures)) / 1000);
    }

    private static int fetched(PackagedServer server, int job, boolean pictures) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        server.address() + "/api/v1/jobs/" + job + "/report.pdf?pictures=" + pictures))
                                .build(),
                        BodyHandlers.ofByteArray())
                .body()
                .length;
    }
}
