package jawread.bench;

import com.microsoft.playwright.Page;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * How long a value takes from the last byte that a gauge sends to the painted verdict, beside one that is typed, turn by turn in the same
 * page. Then fifty boxes that send two values a second each, for a minute: whether any is lost, and how long they wait for their answer.
 */
public final class SpokenValues {
    private static final Pattern PORT = Pattern.compile("\"port\":(\\d+)");
    private static final int VALUES = 60;
    private static final int A_PLACE = 10;
    private static final int BOXES = 50;
    private static final int EACH = 120;
    private static final Duration APART = Duration.ofMillis(500);

    /** Since 1970, from the frame after the one that shows the sentence. */
    private static final String WATCH = """
            () => {
              globalThis.painted = new Promise((tell) => {
                const observer = new MutationObserver(() => {
                  observer.disconnect();
                  requestAnimationFrame(() => {
                    const painted = new MessageChannel();
                    painted.port1.onmessage = () => tell(performance.timeOrigin + performance.now());
                    painted.port2.postMessage(0);
                  });
                });
                observer.observe(document.querySelector('[aria-live]'), { childList: true, characterData: true, subtree: true });
              });
            }""";

    private SpokenValues() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            int port = open(server, page);
            spokenAndTyped(server, page, port);
            page.close();
            manyBoxes(port);
        }
    }

    private static int open(PackagedServer server, Page page) throws IOException, InterruptedException {
        page.navigate(server.address() + "/settings");
        page.getByLabel("Its number").fill("0");
        page.getByLabel("Its number").press("Enter");
        page.getByLabel("The port for gauges that speak is open").selectOption("here");
        page.getByText("Open at port").first().waitFor();
        Matcher port = PORT.matcher(server.get("/api/v1/gauge-port").body());
        if (!port.find()) {
            throw new IllegalStateException("The port is not open");
        }
        return Integer.parseInt(port.group(1));
    }

    private static void spokenAndTyped(PackagedServer server, Page page, int port) throws IOException {
        List<Double> typed = new ArrayList<>();
        List<Double> spoken = new ArrayList<>();
        try (var box = new Box(port)) {
            for (int i = 0; i < VALUES; i++) {
                // A quick check is one figure: the place does not wait for another.
                page.navigate(server.address() + "/parts/%d/features/2?gauge=9&check=9".formatted(1 + i / A_PLACE % 4));
                page.getByText("listening to M9").waitFor();
                page.waitForTimeout(500);
                if (i % 2 == 0) {
                    page.evaluate(EnterToVerdict.WATCH);
                    // Another figure each time: a sentence that stays as it was changes nothing on the page.
                    page.keyboard().type("31.96" + i % A_PLACE);
                    page.keyboard().press("Enter");
                    typed.add(((Number) page.evaluate("globalThis.took")).doubleValue());
                } else {
                    page.evaluate(WATCH);
                    Instant sent = box.says("M9 31.96%d mm n=%d".formatted(i % A_PLACE, i));
                    double painted = ((Number) page.evaluate("globalThis.painted")).doubleValue();
                    spoken.add(painted - ChronoUnit.MICROS.between(Instant.EPOCH, sent) / 1000.0);
                }
                page.waitForTimeout(150);
            }
        }
        double by = EnterToVerdict.at(typed, 0.5);
        double at = EnterToVerdict.at(spoken, 0.5);
        System.out.printf(
                "Typed, from Enter to the painted verdict: median %.1f ms, 95th %.1f ms%n",
                by, EnterToVerdict.at(typed, 0.95));
        System.out.printf(
                "Spoken, from the last byte: median %.1f ms, 95th %.1f ms%n", at, EnterToVerdict.at(spoken, 0.95));
        System.out.printf("Ratio of the medians: %.2f%n", at / by);
    }

    private static void manyBoxes(int port) throws InterruptedException {
        List<Double> waits = Collections.synchronizedList(new ArrayList<>());
        List<Thread> boxes = IntStream.range(0, BOXES)
                .mapToObj(number -> new Thread(() -> send(port, number, waits)))
                .toList();
        boxes.forEach(Thread::start);
        for (Thread box : boxes) {
            box.join();
        }
        System.out.printf(
                "%d boxes, %d values each, two a second: %d of %d answered with ok; answered after %.1f ms (median), %.1f ms (95th)%n",
                BOXES, EACH, waits.size(), BOXES * EACH, EnterToVerdict.at(waits, 0.5), EnterToVerdict.at(waits, 0.95));
    }

    private static void send(int port, int number, List<Double> waits) {
        try (var box = new Box(port)) {
            Instant next = Instant.now();
            for (int i = 0; i < EACH; i++) {
                next = next.plus(APART);
                Instant sent = box.says("C2 %d.%02d mm n=%d".formatted(10 + number, i % 100, number * 1000 + i));
                if (box.lastAnswer().startsWith("ok")) {
                    waits.add(Duration.between(sent, Instant.now()).toNanos() / 1e6);
                }
                Thread.sleep(Math.max(0, Duration.between(Instant.now(), next).toMillis()));
            }
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    /** A gauge at the port. */
    private static final class Box implements AutoCloseable {
        private final Socket socket;
        private final BufferedReader answers;
        private String answer = "";

        Box(int port) throws IOException {
            socket = new Socket(InetAddress.getLoopbackAddress(), port);
            socket.setTcpNoDelay(true);
            answers = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
        }

        /** @return when its last byte was sent; it is answered by then */
        Instant says(String line) throws IOException {
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.US_ASCII));
            Instant sent = Instant.now();
            answer = answers.readLine();
            return sent;
        }

        String lastAnswer() {
            return answer;
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }
}
