package jawread.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

    /** A job with its plan and its parts, by the calls that the screens make; answers where its features are. */
    private static final String PLAN = """
            async () => {
              const call = async (method, path, body, headers = {}) => {
                const answer = await fetch('/api' + path, {
                  method, body: body && JSON.stringify(body),
                  headers: { 'Content-Type': 'application/json', ...headers },
                });
                if (!answer.ok) throw new Error(path + ': ' + await answer.text());
                return answer.json();
              };
              const job = await call('POST', '/jobs', {
                name: 'A long walk', limitsSource: 'drawing 1', unit: 'mm', template: '' });
              const plan = (await call('GET', `/jobs/${job.id}/plan`)).plans[0];
              const sections = Array.from({ length: 10 }, (_, i) => `${String.fromCharCode(97 + i)} ${5 + 10 * i}`).join('; ');
              const empty = Object.fromEntries(['service', 'outOfRound', 'taper', 'steps', 'grades', 'face',
                'keepClear', 'outOfReach', 'order'].map((name) => [name, '']));
              await call('POST', `/plans/${plan.id}/changes`, { removes: [], puts: Array.from({ length: 10 }, (_, i) => ({
                key: crypto.randomUUID(), typed: { ...empty, name: `journal ${i + 1}`, kind: 'outside',
                  limits: '32.02/31.90', lies: `${100 * i}-${100 * i + 100}`, layout: 'free', sections, axes: 'thrust 0; cross 90',
                  round: true, envelope: false, decisive: false } })) });
              const now = (await call('GET', `/jobs/${job.id}/plan`)).plans[0];
              await call('PUT', `/plans/${plan.id}/parts`, { parts: Array.from({ length: 10 }, (_, i) => ({
                ...(i === 0 && now.parts[0] ? { id: now.parts[0].id } : {}), name: `part ${i + 1}`, mark: '', hours: '' })) },
                { 'If-Match': `"${now.edition}"` });
              const bench = (await call('GET', '/bench')).jobs.find(({ id }) => id === job.id);
              globalThis.spots = [];
              for (const part of bench.plans[0].parts) {
                for (const feature of part.features) {
                  const sheet = await call('GET', `/parts/${part.id}/features/${feature.id}/sheet`);
                  for (const place of sheet.rounds[0].places) {
                    globalThis.spots.push({ part: part.id, feature: feature.id, place: place.id });
                  }
                }
              }
              const last = globalThis.spots.at(-1);
              return `/parts/${last.part}/features/${last.feature}`;
            }""";

    /** Place after place, over and over, each as a screen would send it: ten readings a place in the end. */
    private static final String FILL = """
            async ([from, to]) => {
              let next = from;
              const one = async () => {
                while (next < to) {
                  const i = next++;
                  const spot = globalThis.spots[i % globalThis.spots.length];
                  const answer = await fetch('/api/readings/' + crypto.randomUUID(), {
                    method: 'PUT', headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({ ...spot, round: 0, gauge: 6, person: 1,
                      typed: (31.95 + (i % 3) / 1000).toFixed(3), takenAt: '2026-03-10T08:00:00.000Z' }) });
                  // Read to its end: one that nobody reads holds its connection.
                  const said = await answer.text();
                  if (!answer.ok) throw new Error(said);
                }
              };
              await Promise.all([one(), one(), one(), one()]);
            }""";

    private LongWalk() {}

    public static void main(String[] arguments) {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page filler = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            // Away from the bench, which would ask anew after each reading.
            filler.navigate(server.address() + "/technique");
            String last = (String) filler.evaluate(PLAN);
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            int filled = 0;
            for (int stage : STAGES) {
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
        page.waitForTimeout(500);
        for (int i = 0; i < READINGS; i++) {
            empties.add(((Number) page.evaluate(EnterToVerdict.EMPTY)).doubleValue());
            page.evaluate(EnterToVerdict.WATCH);
            page.keyboard().type(Map.of(0, "31.951", 1, "31.952", 2, "31.950").get(i % 3));
            page.keyboard().press("Enter");
            verdicts.add(((Number) page.evaluate("globalThis.took")).doubleValue());
            page.waitForTimeout(60);
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
    }
}
