package jawread.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * Whether a plan of 300 features stays fluid: scrolled from end to end by the wheel, and its limits edited; from Enter to the frame
 * that shows what was understood, and the frames of the scrolling.
 */
public final class LongPlan {
    private static final int FEATURES = 300;
    private static final int EDITS = 40;

    /** From the key's own time stamp to the frame after the one in which the row shows its new limits. */
    private static final String WATCH = """
            (wanted) => {
              globalThis.took = new Promise((tell) => {
                let pressed;
                const press = (event) => { if (event.key === 'Enter') pressed = event.timeStamp; };
                document.addEventListener('keydown', press, { capture: true });
                const grid = document.querySelector('[role=grid]');
                const observer = new MutationObserver(() => {
                  if (pressed === undefined || !grid.textContent.includes(wanted)) return;
                  observer.disconnect();
                  document.removeEventListener('keydown', press, { capture: true });
                  requestAnimationFrame(() => {
                    const painted = new MessageChannel();
                    painted.port1.onmessage = () => tell(performance.now() - pressed);
                    painted.port2.postMessage(0);
                  });
                });
                observer.observe(grid, { childList: true, characterData: true, subtree: true });
              });
            }""";

    /** Each frame from its start to when the page's own thread has painted it. */
    private static final String SCROLL = """
            async () => {
              const took = [];
              const painted = new MessageChannel();
              const end = document.documentElement.scrollHeight - innerHeight;
              for (let step = 0; step <= 200; step += 1) {
                await new Promise((next) => requestAnimationFrame(() => {
                  const start = performance.now();
                  painted.port1.onmessage = () => { took.push(performance.now() - start); next(); };
                  scrollTo(0, end * (step <= 100 ? step : 200 - step) / 100);
                  painted.port2.postMessage(0);
                }));
              }
              return took;
            }""";

    private LongPlan() {}

    public static void main(String[] arguments) {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            plan(page, server);
            long opened = System.nanoTime();
            page.reload();
            page.locator("[role=row]").nth(FEATURES).waitFor();
            System.out.printf("A plan of %d features, opened: %.0f ms%n", FEATURES, (System.nanoTime() - opened) / 1e6);
            print("Scrolling it, a frame of 201", numbers(page.evaluate(SCROLL)));
            print("Enter to what was understood, " + EDITS + " edits, typed with a pause", edit(page, 250));
            print("the same, Enter with the last stroke", edit(page, 0));
        }
    }

    /** A new job, its features pasted as from a spreadsheet. */
    private static void plan(Page page, PackagedServer server) {
        page.navigate(server.address() + "/jobs");
        page.getByLabel("Its name").fill("A long one");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Plan it"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Paste rows"))
                .click();
        page.getByLabel("Pasted rows")
                .fill(IntStream.rangeClosed(1, FEATURES)
                        .mapToObj(i -> "journal %d\t%d.%03d / %d.%03d"
                                .formatted(i, 10 + i % 80, i % 900, 10 + i % 80, i % 900 + 20))
                        .collect(Collectors.joining("\n")));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add " + FEATURES))
                .click();
        page.locator("[role=row]").nth(FEATURES).waitFor();
    }

    /** @param pauseMs before Enter: as one who reads what is said of it while typing, or as one who does not */
    private static List<Double> edit(Page page, int pauseMs) {
        page.locator("[data-column=\"2\"]").first().click();
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < EDITS; i++) {
            int size = 200 + pauseMs + i;
            page.keyboard().press("Enter");
            page.keyboard().press("Control+a");
            // Typed the wrong way round, so that what was understood differs from what was typed.
            page.keyboard().type("%d.250 / %d.125".formatted(size, size));
            page.waitForTimeout(pauseMs);
            page.evaluate(WATCH, "%d.125 / %d.250".formatted(size, size));
            page.keyboard().press("Enter");
            took.add(((Number) page.evaluate("globalThis.took")).doubleValue());
            page.waitForTimeout(100);
        }
        return took;
    }

    private static List<Double> numbers(Object list) {
        List<Double> numbers = new ArrayList<>();
        ((List<?>) list).forEach(each -> numbers.add(((Number) each).doubleValue()));
        return numbers;
    }

    private static void print(String what, List<Double> took) {
        List<Double> sorted = took.stream().sorted().toList();
        System.out.printf(
                "%s: median %.1f ms, 95th percentile %.1f ms%n",
                what, sorted.get(sorted.size() / 2), sorted.get((int) (sorted.size() * 0.95)));
    }
}
