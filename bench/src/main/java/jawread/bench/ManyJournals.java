package jawread.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;
import jawread.browser.PlannedJob;

/** How long a part with 40 journals takes to show what it comes to: each journal's story, and the pictures of the worst. */
public final class ManyJournals {
    private static final int JOURNALS = 40;
    private static final int OPENINGS = 9;

    /** Twice at each place, each journal a little tapered and a little oval, the last of them past its limit. */
    static final String FILL = """
            async () => {
              const { spots } = globalThis;
              const gauges = await (await fetch('/api/v1/gauges')).json();
              const gauge = gauges.find(({ shopNumber }) => shopNumber === 'M7').id;
              for (const [i, spot] of spots.entries()) {
                const worst = i >= spots.length - 6 && i % 6 < 3 ? 0.03 : 0;
                for (const again of [0, 1]) {
                  const size = 49.994 - ((i * 7) % 5) / 1000 - (i % 3) / 1000 - worst;
                  const answer = await fetch('/api/v1/readings/' + crypto.randomUUID(), {
                    method: 'PUT', headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({ ...spot, round: 0, gauge, person: 1,
                      typed: size.toFixed(3), takenAt: '2026-03-10T08:00:00.000Z' }) });
                  const said = await answer.text();
                  if (!answer.ok) throw new Error(said + again);
                }
              }
            }""";

    /** What the page is made of, asked for and read to its end. */
    private static final String ANSWER = """
            async (path) => {
              const start = performance.now();
              const said = await (await fetch('/api' + path)).text();
              globalThis.bytes = said.length;
              return performance.now() - start;
            }""";

    private ManyJournals() {}

    public static void main(String[] arguments) {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            page.navigate(server.address() + "/technique");
            List<Map<String, Object>> features = IntStream.rangeClosed(1, JOURNALS)
                    .mapToObj(i -> PlannedJob.feature(
                            "journal " + i,
                            "outside",
                            "50.000 -0.020",
                            Map.of(
                                    "service", "49.900",
                                    "outOfRound", "0.020",
                                    "taper", "0.025",
                                    "steps", "-0.25 -0.5",
                                    "lies", "0-90",
                                    "layout", "bore")))
                    .toList();
            List<String> paths = PlannedJob.plan(page, "Many journals", "mm", features, List.of());
            page.evaluate(LongWalk.SPOTS, paths);
            page.evaluate(FILL);
            String judgement = paths.get(0).replaceAll("/features/.*", "/judgement");
            List<Double> openings = new ArrayList<>();
            for (int i = 0; i < OPENINGS; i++) {
                page.navigate(server.address() + "/jobs");
                long start = System.nanoTime();
                page.navigate(server.address() + judgement);
                page.getByTestId("side").first().waitFor();
                openings.add((System.nanoTime() - start) / 1e6);
            }
            List<Double> answers = new ArrayList<>();
            for (int i = 0; i < OPENINGS; i++) {
                answers.add(((Number) page.evaluate(ANSWER, judgement)).doubleValue());
            }
            System.out.printf(
                    "%d journals of 6 places: their stories and the pictures of the worst in %.0f ms (median of %d; the server's answer"
                            + " alone %.0f ms), %d pictures%n",
                    JOURNALS,
                    EnterToVerdict.at(openings, 0.5),
                    OPENINGS,
                    EnterToVerdict.at(answers, 0.5),
                    page.locator("[data-testid=round], [data-testid=side]").count());
        }
    }
}
