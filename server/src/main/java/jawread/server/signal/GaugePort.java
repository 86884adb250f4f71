package jawread.server.signal;

import jakarta.annotation.PreDestroy;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArraySet;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
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
 * its answer.
 */
@Component
class GaugePort {
    private static final Logger LOG = LoggerFactory.getLogger(GaugePort.class);

    private static final int LOOKS_MS = 500;
    static final int MOST_BOXES = 100;
    /** A box that says nothing for so long is gone, and nobody told. */
    private static final int SILENT_MS = 30 * 60 * 1000;

    private final ShopSettings settings;
    private final LineKeeper keeper;
    private final Speakers speakers;
    private final Set<Socket> boxes = new CopyOnWriteArraySet<>();
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(Beside.named("gauge-port-clock"));
    private volatile Door door = Door.CLOSED;

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

    GaugePort(ShopSettings settings, LineKeeper keeper, Speakers speakers) {
        this.settings = settings;
        this.keeper = keeper;
        this.speakers = speakers;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
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
            for (Optional<String> line = LineReader.next(in, false);
                    line.isPresent();
                    line = LineReader.next(in, false)) {
                Optional<String> answer = keeper.answered(new Came(box, line.get()));
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
    }
}
