package jawread.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * Whether turning a drawn scale stays smooth: 300 steps by keys, up and down, coarse and fine; of each the scripting, styling,
 * layout and painting that the page's own thread does for its frame. A screen shows 60 frames a second: 16.7 ms each.
 */
public final class Turning {
    private static final List<String> ONE_OF_EACH_FAMILY = List.of(
            "vernier-mm-002",
            "dial-in-001-wide",
            "mic-mm-0001",
            "depth-in-0001",
            "stage-in-0001",
            "bore-dial-mm-001",
            "digital-mm-001",
            "rule-in-64");

    /**
     * Within one frame: the key is pressed, the screen answers, the browser paints; a message sent meanwhile arrives after
     * that. The pattern of keys comes back to where it began, so that no step stands still at an end of the range.
     */
    private static final String TURN = """
            async () => {
              const took = [];
              const painted = new MessageChannel();
              const keys = ['PageUp', 'ArrowUp', 'PageDown', 'ArrowDown'];
              for (let step = 0; step < 300; step += 1) {
                await new Promise((next) => requestAnimationFrame(() => {
                  const start = performance.now();
                  painted.port1.onmessage = () => { took.push(performance.now() - start); next(); };
                  document.body.dispatchEvent(
                    new KeyboardEvent('keydown', { key: keys[Math.floor(step / 5) % 4], bubbles: true }));
                  painted.port2.postMessage(0);
                }));
              }
              return took;
            }""";

    private Turning() {}

    public static void main(String[] arguments) {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = chromium.screen(Chromium.desk());
            ONE_OF_EACH_FAMILY.forEach(id -> turn(page, server, id));
        }
    }

    private static void turn(Page page, PackagedServer server, String id) {
        page.navigate(server.address() + "/read/" + id);
        page.getByTestId("face").waitFor();
        page.waitForTimeout(500);
        page.evaluate(TURN);
        List<Double> took = new ArrayList<>();
        ((List<?>) page.evaluate(TURN)).forEach(ms -> took.add(((Number) ms).doubleValue()));
        took.sort(Comparator.naturalOrder());
        System.out.printf(
                "Turning %-17s a frame of 300: median %4.1f ms, 95th percentile %4.1f ms%n",
                id, took.get(took.size() / 2), took.get((int) (took.size() * 0.95)));
    }
}
