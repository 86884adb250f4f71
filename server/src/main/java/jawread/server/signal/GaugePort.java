package jawread.server.signal;

import jakarta.annotation.PreDestroy;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArraySet;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import jawread.core.signal.GaugeLine;
import jawread.server.live.Beside;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.signal.GaugeLines.Came;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The port that gauges send their lines to: open while the shop's settings say so. Each box is read by a thread of its own, and waits for
 * its answer; what all of them have sent meanwhile is kept in one writing.
 */
@Component
class GaugePort {
    private static final Logger LOG = LoggerFactory.getLogger(GaugePort.class);

    private static final int LOOKS_MS = 500;
    static final int MOST_BOXES = 100;
    private static final int KEPT_AT_ONCE = 100;
    /** Without a line end for so long it is no gauge that speaks here. */
    private static final int MOST_BYTES_ASTRAY = 64 * 1024;
    /** A box that says nothing for so long is gone, and nobody told. */
    private static final int SILENT_MS = 30 * 60 * 1000;

    private static final int ANSWERED_WITHIN_SECONDS = 60;

    private final ShopSettings settings;
    private final GaugeLines lines;
    private final Speakers speakers;
    private final BlockingQueue<Waiting> waiting = new ArrayBlockingQueue<>(MOST_BOXES);
    private final Set<Socket> boxes = new CopyOnWriteArraySet<>();
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(Beside.named("gauge-port-clock"));
    private final Thread keeper = Beside.named("gauge-port-keeper").newThread(this::keepAll);
    private volatile Door door = Door.CLOSED;

    /** A line that waits for its answer. */
    private record Waiting(Came came, CompletableFuture<Optional<String>> answer) {}

    /**
     * As it stands.
     *
     * @param wanted by the settings
     * @param socket absent while it is closed
     * @param trouble why it could not be opened; empty while there is none
     */
    private record Door(String wanted, Optional<ServerSocket> socket, String trouble) {
        private static final Door CLOSED = new Door("", Optional.empty(), "");
    }

    GaugePort(ShopSettings settings, GaugeLines lines, Speakers speakers) {
        this.settings = settings;
        this.lines = lines;
        this.speakers = speakers;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        keeper.start();
        clock.scheduleWithFixedDelay(this::look, 0, LOOKS_MS, TimeUnit.MILLISECONDS);
    }

    /** The number that it is open at; empty while it is closed. */
    Optional<Integer> number() {
        return door.socket().map(ServerSocket::getLocalPort);
    }

    /** Why it could not be opened; empty while there is none. */
    String trouble() {
        return door.trouble();
    }

    int boxes() {
        return boxes.size();
    }

    /** Opens and closes it as the settings say. */
    private void look() {
        try {
            String to = settings.of(Setting.GAUGE_PORT);
            String wanted = to + " " + settings.of(Setting.GAUGE_PORT_NUMBER);
            if (!wanted.equals(door.wanted())) {
                close();
                door = to.equals("off") ? new Door(wanted, Optional.empty(), "") : open(wanted, to);
            }
        } catch (RuntimeException passing) {
            // Looked for again in a moment; a schedule that threw would never look again.
            LOG.debug("The settings of the gauge port could not be read: {}", passing.getMessage());
        }
    }

    private Door open(String wanted, String to) {
        try {
            var socket = new ServerSocket();
            socket.setReuseAddress(true);
            int number = settings.number(Setting.GAUGE_PORT_NUMBER).intValueExact();
            socket.bind(
                    to.equals("here")
                            ? new InetSocketAddress(InetAddress.getLoopbackAddress(), number)
                            : new InetSocketAddress(number));
            Beside.named("gauge-port").newThread(() -> letIn(socket)).start();
            LOG.info("Gauges may speak at port {}", socket.getLocalPort());
            return new Door(wanted, Optional.of(socket), "");
        } catch (IOException | IllegalArgumentException taken) {
            LOG.warn("The gauge port could not be opened: {}", taken.getMessage());
            return new Door(wanted, Optional.empty(), String.valueOf(taken.getMessage()));
        }
    }

    private void letIn(ServerSocket port) {
        while (!port.isClosed()) {
            try {
                Socket socket = port.accept();
                if (boxes.size() >= MOST_BOXES) {
                    say(socket, "no busy " + MOST_BOXES + " boxes speak here already: close one.");
                    socket.close();
                    continue;
                }
                boxes.add(socket);
                Beside.named("gauge-box").newThread(() -> serve(socket)).start();
            } catch (IOException closed) {
                LOG.debug("The gauge port: {}", closed.getMessage());
            }
        }
    }

    private void serve(Socket socket) {
        var box = new Box(
                String.valueOf(socket.getInetAddress().getHostAddress()),
                socket.getInetAddress().isLoopbackAddress());
        try (socket) {
            socket.setSoTimeout(SILENT_MS);
            socket.setTcpNoDelay(true);
            var in = new BufferedInputStream(socket.getInputStream());
            for (Optional<String> line = nextLine(in); line.isPresent(); line = nextLine(in)) {
                Optional<String> answer = answered(new Came(box, line.get()));
                if (answer.isPresent()) {
                    say(socket, answer.get());
                }
            }
        } catch (IOException gone) {
            LOG.debug("A box at {} is gone: {}", box.from(), gone.getMessage());
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        } finally {
            boxes.remove(socket);
            speakers.left(box);
        }
    }

    private Optional<String> answered(Came came) throws InterruptedException, IOException {
        var each = new Waiting(came, new CompletableFuture<>());
        waiting.put(each);
        try {
            return each.answer().get(ANSWERED_WITHIN_SECONDS, TimeUnit.SECONDS);
        } catch (ExecutionException | TimeoutException unanswered) {
            throw new IOException("nobody answers", unanswered);
        }
    }

    /** What all boxes have sent is kept together: one writing to the disk for all of them. */
    private void keepAll() {
        while (!Thread.currentThread().isInterrupted()) {
            var together = new ArrayList<Waiting>();
            try {
                together.add(waiting.take());
                waiting.drainTo(together, KEPT_AT_ONCE - 1);
                List<Optional<String>> answers =
                        lines.answer(together.stream().map(Waiting::came).toList());
                for (int at = 0; at < together.size(); at++) {
                    together.get(at).answer().complete(answers.get(at));
                }
            } catch (InterruptedException closing) {
                Thread.currentThread().interrupt();
            } catch (RuntimeException failure) {
                LOG.error("Lines of gauges could not be answered", failure);
                together.forEach(each -> each.answer().completeExceptionally(failure));
            }
        }
    }

    /**
     * The next line without its end; of one that is longer than any may be, its beginning. What has no end when the box goes was torn, and
     * is none.
     */
    private static Optional<String> nextLine(InputStream in) throws IOException {
        var line = new StringBuilder();
        int all = 0;
        for (int each = in.read(); each >= 0; each = in.read()) {
            if (each == '\n') {
                int end = line.length();
                boolean isReturn = end > 0 && line.charAt(end - 1) == '\r';
                return Optional.of(line.substring(0, isReturn ? end - 1 : end));
            }
            all++;
            if (all > MOST_BYTES_ASTRAY) {
                throw new IOException("no line end in " + MOST_BYTES_ASTRAY + " bytes");
            }
            if (line.length() <= GaugeLine.LONGEST + 1) {
                line.append((char) each);
            }
        }
        return Optional.empty();
    }

    private static void say(Socket socket, String answer) throws IOException {
        OutputStream out = socket.getOutputStream();
        out.write((answer + "\n").getBytes(StandardCharsets.US_ASCII));
        out.flush();
    }

    private void close() {
        door.socket().ifPresent(GaugePort::closed);
        boxes.forEach(GaugePort::closed);
    }

    private static void closed(java.io.Closeable socket) {
        try {
            socket.close();
        } catch (IOException gone) {
            LOG.debug("It was closed already: {}", gone.getMessage());
        }
    }

    @PreDestroy
    void end() {
        clock.shutdownNow();
        close();
        keeper.interrupt();
    }
}
