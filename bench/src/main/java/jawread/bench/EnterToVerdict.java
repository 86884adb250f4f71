package jawread.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * How long a turner waits: from Enter to the painted verdict, over 100 readings spread over the twelve features of the
 * demonstration job, beside the round trip of an endpoint that does nothing, in the same page and the same run. Then the
 * weight of the first load.
 */
public final class EnterToVerdict {
    private static final int READINGS = 100;
    private static final int A_PLACE = 9;

    /** Both are taken inside the page: from the key's own time stamp to the frame after the one that shows the sentence. */
    static final String WATCH = """
            () => {
              globalThis.took = new Promise((tell) => {
                let pressed;
                const press = (event) => {
                  if (event.key === 'Enter') pressed = event.timeStamp;
                };
                document.addEventListener('keydown', press, { capture: true });
                const said = document.querySelector('[aria-live]');
                const observer = new MutationObserver(() => {
                  observer.disconnect();
                  document.removeEventListener('keydown', press, { capture: true });
                  requestAnimationFrame(() => {
                    const painted = new MessageChannel();
                    painted.port1.onmessage = () => {
                      globalThis.pressed = pressed;
                      globalThis.tookMs = performance.now() - pressed;
                      tell(globalThis.tookMs);
                    };
                    painted.port2.postMessage(0);
                  });
                });
                observer.observe(said, { childList: true, characterData: true, subtree: true });
              });
            }""";

    static final String EMPTY = """
            async () => {
              const start = performance.now();
              await (await fetch('/api/v1/nothing')).json();
              return performance.now() - start;
            }""";

    private EnterToVerdict() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            measure(server, page);
            firstLoad(server, chromium);
        }
    }

    private static void measure(PackagedServer server, Page page) {
        List<Double> verdicts = new ArrayList<>();
        List<Double> empties = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            if (i % A_PLACE == 0) {
                int place = i / A_PLACE;
                page.navigate(server.address() + "/parts/%d/features/%d".formatted(1 + place % 4, 1 + place / 4));
                page.waitForSelector("[data-entry]");
                page.waitForTimeout(500);
            }
            empties.add(((Number) page.evaluate(EMPTY)).doubleValue());
            page.evaluate(WATCH);
            page.keyboard().type(i % 2 == 0 ? "31.971" : "31.972");
            page.keyboard().press("Enter");
            verdicts.add(((Number) page.evaluate("globalThis.took")).doubleValue());
            // The event that tells other screens also makes this one ask again; it is over before the next reading.
            page.waitForTimeout(60);
        }
        double verdict = at(verdicts, 0.5);
        double empty = at(empties, 0.5);
        System.out.printf(
                "Enter to painted verdict, %d readings: median %.1f ms, 95th percentile %.1f ms%n",
                READINGS, verdict, at(verdicts, 0.95));
        System.out.printf(
                "Empty round trip, same page and run:   median %.1f ms, 95th percentile %.1f ms%n",
                empty, at(empties, 0.95));
        System.out.printf("Ratio of the medians: %.1f%n", verdict / empty);
    }

    static double at(List<Double> times, double share) {
        List<Double> sorted = times.stream().sorted().toList();
        return sorted.get((int) Math.min(sorted.size() - 1, Math.round(share * (sorted.size() - 1))));
    }

    /**
     * What a first visit loads of the built front end, as the server compresses it, fonts aside: what the page names itself, and what is
     * fetched once that stands.
     */
    private static void firstLoad(PackagedServer server, Chromium chromium) throws IOException, InterruptedException {
        Page page = chromium.screen(Chromium.desk());
        Set<String> files = new TreeSet<>();
        page.onResponse((Response response) -> files.add(response.url().replace(server.address(), "")));
        page.navigate(server.address());
        page.getByText("Who measures?").waitFor();
        // What is fetched once the page stands.
        page.waitForTimeout(1000);
        String named = server.get("/").body();
        long first = 0;
        long after = 0;
        for (String file : files) {
            if (!file.startsWith("/api/v1/") && !file.endsWith(".woff2")) {
                int size = server.getCompressed(file).body().length;
                boolean isFirst = file.equals("/") || named.contains(file);
                first += isFirst ? size : 0;
                after += isFirst ? 0 : size;
                System.out.printf("  %-40s %7d bytes%s%n", file, size, isFirst ? "" : ", after");
            }
        }
        System.out.printf(
                "First load of the front end, compressed, fonts aside: %.1f kB; the pages beside the walk, after: %.1f kB%n",
                first / 1000.0, after / 1000.0);
    }
}
