package jawread.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * How the walk holds on a long job: 10 parts of 10 features of 20 places, filled to 100, to 2 000 and to 20 000 readings. At each: from
 * Enter to the painted verdict beside the empty round trip of the same page and run, and how long the job takes to open.
 */
public final class LongWalk {
    private static final int READINGS = 60;
    private static final int OPENINGS = 9;
    private static final List<Integer> STAGES = List.of(100, 2_000, 20_000);

    /** Ten parts of ten features of twenty places. */
    static List<String> planned(Page page) {
        return Journals.plan(page, "A long walk", 10, 10, 10);
    }

    /** Every place of the features at some paths, in their order. */
    static final String SPOTS = """
            async (paths) => {
              globalThis.spots = [];
              for (const path of paths) {
                const sheet = await (await fetch('/api' + path + '/sheet')).json();
                for (const { id } of sheet.rounds[0].places) {
                  globalThis.spots.push({ part: sheet.part.id, feature: sheet.feature.id, place: id });
                }
              }
            }""";

    /** Place after place, over and over, each as a screen would send it: ten readings a place in the end. */
    static final String FILL = """
            async ([from, to]) => {
              let next = from;
              const one = async () => {
                while (next < to) {
                  const i = next++;
                  const spot = globalThis.spots[i % globalThis.spots.length];
                  const answer = await fetch('/api/v1/readings/' + crypto.randomUUID(), {
                    method: 'PUT', headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({ ...spot, round: 0, gauge: 6,
                      typed: (31.95 + (i % 3) / 1000).toFixed(3), takenAt: '2026-03-10T08:00:00.000Z' }) });
                  // Read to its end: one that nobody reads holds its connection.
                  const said = await answer.text();
                  if (!answer.ok) throw new Error(said);
                }
              };
              await Promise.all([one(), one(), one(), one()]);
            }""";

    /**
     * Where the time of the last reading went, in ms: to the request, on the disk, keeping it, telling what it came to, the rest of the way
     * to the first byte of the answer, from there to the paint; and how much was answered, in kB.
     */
    private static final String PARTS = """
            () => {
              const put = performance.getEntriesByType('resource').findLast(({ name }) => name.includes('/api/v1/readings/'));
              const of = Object.fromEntries(put.serverTiming.map(({ name, duration }) => [name, duration]));
              const server = of.kept + of.told;
              return [put.startTime - globalThis.pressed, of.sync, of.kept - of.sync, of.told,
                put.responseStart - put.startTime - server, globalThis.pressed + globalThis.tookMs - put.responseStart,
                put.encodedBodySize / 1000];
            }""";

    private LongWalk() {}

    /** @param arguments to how many readings it is filled, one after the other; none: to 100, to 2 000 and to 20 000 */
    public static void main(String[] arguments) {
        List<Integer> stages = arguments.length == 0
                ? STAGES
                : Stream.of(arguments).map(Integer::valueOf).toList();
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page filler = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            // Away from the bench, which would ask anew after each reading.
            filler.navigate(server.address() + "/technique");
            List<String> paths = planned(filler);
            filler.evaluate(SPOTS, paths);
            String last = paths.get(paths.size() - 1);
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            int filled = 0;
            for (int stage : stages) {
                // Not in sight of the walk, which would ask anew after each.
                page.navigate("about:blank");
                // A page behind another is slowed down by the browser.
                filler.bringToFront();
                filler.evaluate(FILL, List.of(filled, stage));
                filled = stage;
                page.bringToFront();
                measure(page, server, last, stage);
            }
        }
    }

    private static void measure(Page page, PackagedServer server, String path, int stage) {
        List<Double> openings = new ArrayList<>();
        for (int i = 0; i < OPENINGS; i++) {
            page.navigate(server.address() + "/jobs");
            long start = System.nanoTime();
            page.navigate(server.address() + path);
            page.waitForSelector("[data-entry]");
            openings.add((System.nanoTime() - start) / 1e6);
        }
        List<Double> verdicts = new ArrayList<>();
        List<Double> empties = new ArrayList<>();
        List<List<Double>> parts = new ArrayList<>();
        page.waitForTimeout(500);
        for (int i = 0; i < READINGS; i++) {
            empties.add(((Number) page.evaluate(EnterToVerdict.EMPTY)).doubleValue());
            page.evaluate(EnterToVerdict.WATCH);
            page.keyboard().type(Map.of(0, "31.951", 1, "31.952", 2, "31.950").get(i % 3));
            page.keyboard().press("Enter");
            verdicts.add(((Number) page.evaluate("globalThis.took")).doubleValue());
            page.waitForTimeout(160);
            parts.add(((List<?>) page.evaluate(PARTS))
                    .stream().map(each -> ((Number) each).doubleValue()).toList());
        }
        System.out.printf(
                "%6d readings: Enter to verdict median %.1f ms, 95th percentile %.1f ms; empty round trip %.1f ms, ratio %.1f;"
                        + " opened in %.0f ms%n",
                stage,
                EnterToVerdict.at(verdicts, 0.5),
                EnterToVerdict.at(verdicts, 0.95),
                EnterToVerdict.at(empties, 0.5),
                EnterToVerdict.at(verdicts, 0.5) / EnterToVerdict.at(empties, 0.5),
                EnterToVerdict.at(openings, 0.5));
        System.out.printf(
                "       medians: %.1f ms to the request, %.1f to bring it onto the disk, %.1f the server's other work (%.1f of it to"
                        + " keep, %.1f to tell), %.1f on the way, %.1f until it is painted; %.0f kB%n",
                part(parts, 0),
                part(parts, 1),
                part(parts, 2) + part(parts, 3),
                part(parts, 2),
                part(parts, 3),
                part(parts, 4),
                part(parts, 5),
                part(parts, 6));
    }

    private static double part(List<List<Double>> parts, int which) {
        return EnterToVerdict.at(parts.stream().map(each -> each.get(which)).toList(), 0.5);
    }
}
