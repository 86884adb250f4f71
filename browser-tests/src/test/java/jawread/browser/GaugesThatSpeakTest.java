package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.CHECKBOX;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** Parts are measured by gauges that speak: by the box that ships, while others talk nonsense, and whoever dies comes back. */
class GaugesThatSpeakTest extends AtTheBench {
    private JsonElement get(String path) throws Exception {
        return JsonParser.parseString(server().get("/api/v1" + path).body());
    }

    /** Opens the port under Settings, at a number that is free. */
    private int openPort(Page page) throws Exception {
        page.navigate(server().address() + "/settings");
        Locator number = page.getByLabel("Its number");
        try (var free = new ServerSocket(0)) {
            number.fill(String.valueOf(free.getLocalPort()));
        }
        number.press("Enter");
        page.getByLabel("The port for gauges that speak is open").selectOption("here");
        assertThat(page.getByText("Open at port").first()).isVisible();
        return port();
    }

    private int port() throws Exception {
        JsonObject now = get("/gauge-port").getAsJsonObject();
        for (int looks = 0; looks < 100 && !now.has("port"); looks++) {
            Thread.sleep(100);
            now = get("/gauge-port").getAsJsonObject();
        }
        return now.get("port").getAsInt();
    }

    /** Somebody attached what is no gauge: it talks on and on. */
    private static Thread nonsense(int port, AtomicBoolean isOver) {
        var talker = new Thread(() -> {
            while (!isOver.get()) {
                try (var socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
                    for (int i = 0; i < 20 && !isOver.get(); i++) {
                        String line = i % 2 == 0 ? "GET / HTTP/1.1\r\n" : "M6 25.4 parsec n=" + i + "\n";
                        socket.getOutputStream().write(line.getBytes(StandardCharsets.US_ASCII));
                        Thread.sleep(20);
                    }
                } catch (IOException away) {
                    // The server is being killed; it talks again to the next one.
                } catch (InterruptedException ended) {
                    return;
                }
            }
        });
        talker.setDaemon(true);
        talker.start();
        return talker;
    }

    private static void takes(GaugeBox box, String gauge, String about) throws Exception {
        box.act("part", Map.of("number", gauge, "text", about));
        box.act("take-and-send", Map.of("number", gauge));
    }

    @Test
    void a_seat_is_measured_by_two_boxes_while_a_third_talks_nonsense_and_both_sides_die() throws Exception {
        Page page = ansasScreen(Chromium.desk());
        int port = openPort(page);
        var isOver = new AtomicBoolean();
        Thread talker = nonsense(port, isOver);
        String outside = "/parts/14/features/8";
        String bore = "/parts/14/features/9";
        try (var box = new GaugeBox(port)) {
            box.act("add", Map.of("number", "M2", "kind", "micrometer", "unit", "in"));
            page.navigate(server().address() + outside + "?gauge=" + key("M2"));
            assertThat(page.getByText("listening to M2")).isVisible();
            takes(box, "M2", "1.3755");
            assertThat(readings(page)).hasCount(1);

            // The server dies; the box says its line again to the one that comes back.
            server().kill();
            takes(box, "M2", "1.3755");
            Thread.sleep(1500);
            server().startAgain();
            assertThat(page.getByText("listening to M2")).isVisible();
            String gauges = box.act("tell", Map.of("number", "M2"));
            for (int looks = 0; looks < 200 && !gauges.contains("\"waiting\":0"); looks++) {
                Thread.sleep(100);
                gauges = box.act("tell", Map.of("number", "M2"));
            }
            assertThat(gauges).contains("\"waiting\":0");
        }
        // What came while nobody listened lies in the tray, and is read in by hand.
        Locator inTray =
                region(page, "Tray").getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Read it in at middle"));
        Locator second = readings(page).nth(1);
        assertThat(second.or(inTray).first()).isVisible();
        if (second.count() == 0) {
            inTray.click();
        }
        assertThat(readings(page)).hasCount(2);
        // The box has died, and another one takes up the work with another gauge.
        try (var other = new GaugeBox(port())) {
            other.act("add", Map.of("number", "C1", "kind", "caliper", "unit", "in"));
            page.navigate(server().address() + bore + "?gauge=" + key("C1"));
            assertThat(page.getByText("listening to C1")).isVisible();
            takes(other, "C1", "0.8754");
            assertThat(readings(page)).hasCount(1);
            other.act("bad-line", Map.of("number", "C1"));
            other.act("take-and-send", Map.of("number", "C1"));
            assertThat(readings(page)).hasCount(2);
        }
        isOver.set(true);
        talker.join();
        assertThat(simulated("/api/v1" + outside + "/sheet")).isEqualTo(2);
    }

    /** How many readings a sheet has that a box made up. */
    private int simulated(String sheet) throws Exception {
        return server().get(sheet).body().split("\"how\":\"simulated\"", -1).length - 1;
    }

    private static Locator readings(Page page) {
        return page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("reading, "));
    }

    private String key(String number) throws Exception {
        for (JsonElement gauge : get("/gauges").getAsJsonArray()) {
            if (gauge.getAsJsonObject().get("shopNumber").getAsString().equals(number)) {
                return gauge.getAsJsonObject().get("key").getAsString();
            }
        }
        throw new IllegalArgumentException(number);
    }

    @Test
    void a_learner_measures_a_shaft_with_no_gauge_at_all() throws Exception {
        Page page = ansasScreen(Chromium.desk());
        int port = openPort(page);
        page.navigate(server().address() + "/jobs");
        page.getByLabel("Its name").fill("My first shaft");
        page.getByRole(CHECKBOX, new Page.GetByRoleOptions().setName("For practice"))
                .check();
        named(page, BUTTON, "Plan it").click();
        assertThat(named(page, HEADING, "My first shaft")).isVisible();
        assertThat(page.getByText("Practice: what is measured here counts nowhere else")
                        .first())
                .isVisible();
        named(page, BUTTON, "Paste rows").click();
        page.getByLabel("Pasted rows").fill("feature\tlimits\njournal\t31.94 / 32.00\n");
        named(page, BUTTON, "Add 1").click();
        assertThat(page.getByText("31.94 / 32.00").first()).isVisible();
        page.getByRole(LINK, new Page.GetByRoleOptions().setName("Measure").setExact(true))
                .click();
        page.waitForURL("**/features/**");
        page.navigate(page.url().replaceAll("\\?.*", "") + "?gauge=" + key("M6"));
        assertThat(page.getByText("listening to M6")).isVisible();
        try (var box = new GaugeBox(port)) {
            Page gauges = chromium().screen(Chromium.desk());
            gauges.navigate(box.address());
            gauges.getByLabel("Its number").fill("M6");
            named(gauges, BUTTON, "Put it in the box").click();
            Locator m6 = region(gauges, "Gauge M6");
            m6.getByLabel("A part of about").fill("31.97");
            m6.getByLabel("A part of about").press("Enter");
            m6.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Take the size"))
                    .click();
            m6.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Send").setExact(true))
                    .click();
            assertThat(readings(page)).hasCount(1);
            m6.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Take and send"))
                    .click();
            // The walk goes on to the next place, and takes it there.
            String sheet = "/api/v1" + page.url().replaceAll(".*(/parts/.*/features/\\d+).*", "$1") + "/sheet";
            for (int looks = 0; looks < 100 && simulated(sheet) < 2; looks++) {
                Thread.sleep(200);
            }
            assertThat(simulated(sheet)).isEqualTo(2);
            m6.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("What is it?"))
                    .click();
            assertThat(m6.getByText("It really is 31.9")).isVisible();
        }
        assertThat(page.getByText("Practice: what is measured here counts nowhere else")
                        .first())
                .isVisible();
        nothingWasComplainedOf();
    }
}
