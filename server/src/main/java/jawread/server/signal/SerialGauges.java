package jawread.server.signal;

import jakarta.annotation.PreDestroy;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import jawread.core.signal.GaugeLine;
import jawread.server.live.Beside;
import jawread.server.settings.SerialGauge;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.signal.GaugeLines.Came;
import jawread.server.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Gauges at serial ports, by the same lines as at the port for gauges; one that is pulled out is looked for until it is back. */
@Component
class SerialGauges {
    private static final Logger LOG = LoggerFactory.getLogger(SerialGauges.class);
    private static final int LOOKS_MS = 1000;

    private final ShopSettings settings;
    private final SerialPorts ports;
    private final LineKeeper keeper;
    private final Speakers speakers;
    private final Words words;
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(Beside.named("serial-ports-clock"));
    private volatile Map<SerialGauge, Attached> attached = Map.of();

    SerialGauges(ShopSettings settings, SerialPorts ports, LineKeeper keeper, Speakers speakers, Words words) {
        this.settings = settings;
        this.ports = ports;
        this.keeper = keeper;
        this.speakers = speakers;
        this.words = words;
    }

    /** @param trouble why nothing is heard of it, in a sentence; empty while it is open */
    record Heard(SerialGauge gauge, String trouble) {}

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        clock.scheduleWithFixedDelay(this::look, 0, LOOKS_MS, TimeUnit.MILLISECONDS);
    }

    /** Those of the settings, in their order. */
    List<Heard> all() {
        Map<SerialGauge, Attached> now = attached;
        return wanted().stream()
                .map(gauge -> new Heard(
                        gauge,
                        Optional.ofNullable(now.get(gauge))
                                .map(Attached::trouble)
                                .orElse("")))
                .toList();
    }

    private List<SerialGauge> wanted() {
        return SerialGauge.parse(settings.of(Setting.SERIAL_GAUGES)).fold(all -> all, refused -> List.of());
    }

    /** Opens and closes them as the settings say, and again those that were pulled out. */
    void look() {
        try {
            List<SerialGauge> wanted = wanted();
            var next = new HashMap<SerialGauge, Attached>();
            attached.forEach((gauge, each) -> {
                if (!wanted.contains(gauge)) {
                    each.close();
                }
            });
            for (SerialGauge gauge : wanted) {
                Attached each = attached.get(gauge);
                next.put(gauge, each == null || each.isOver() ? open(gauge) : each);
            }
            attached = Map.copyOf(next);
        } catch (RuntimeException passing) {
            // Looked for again in a moment; a schedule that threw would never look again.
            LOG.debug("The settings of serial ports could not be read: {}", passing.getMessage());
        }
    }

    private Attached open(SerialGauge gauge) {
        try {
            var line = new Attached(gauge, Optional.of(ports.open(gauge.port(), gauge.baud())), "");
            Beside.named("serial-gauge").newThread(line::serve).start();
            return line;
        } catch (IOException none) {
            List<String> names = ports.names();
            return new Attached(
                    gauge,
                    Optional.empty(),
                    names.contains(gauge.port())
                            ? words.say("serial.taken", Map.of("port", gauge.port()))
                            : words.say(
                                    names.isEmpty() ? "serial.no-ports" : "serial.no-such-port",
                                    Map.of("port", gauge.port(), "names", String.join(", ", names))));
        }
    }

    /** A gauge that bears its number only here sends its figure alone. */
    static String named(String gauge, String line) {
        boolean isWhole = GaugeLine.parse(line).fold(said -> true, refused -> false);
        String whole = gauge + " " + line.strip();
        return !isWhole && GaugeLine.parse(whole).fold(said -> true, refused -> false) ? whole : line;
    }

    private final class Attached {
        private final SerialGauge gauge;
        private final Optional<SerialPorts.Line> line;
        private final String trouble;
        private volatile boolean isOver;

        Attached(SerialGauge gauge, Optional<SerialPorts.Line> line, String trouble) {
            this.gauge = gauge;
            this.line = line;
            this.trouble = trouble;
            this.isOver = line.isEmpty();
        }

        String trouble() {
            return trouble;
        }

        boolean isOver() {
            return isOver;
        }

        void serve() {
            var box = new Box("serial port " + gauge.port(), true);
            try (SerialPorts.Line open = line.orElseThrow()) {
                InputStream in = new BufferedInputStream(open.in());
                for (Optional<String> said = LineReader.next(in, true);
                        said.isPresent();
                        said = LineReader.next(in, true)) {
                    Optional<String> answer = keeper.answered(new Came(box, named(gauge.gauge(), said.get())));
                    if (answer.isPresent()) {
                        open.out().write((answer.get() + "\r\n").getBytes(StandardCharsets.US_ASCII));
                        open.out().flush();
                    }
                }
            } catch (IOException gone) {
                LOG.debug("The gauge at {} is gone: {}", gauge.port(), gone.getMessage());
            } catch (InterruptedException closing) {
                Thread.currentThread().interrupt();
            } finally {
                isOver = true;
                speakers.left(box);
            }
        }

        void close() {
            line.ifPresent(open -> {
                try {
                    open.close();
                } catch (IOException gone) {
                    LOG.debug("It was closed already: {}", gone.getMessage());
                }
            });
        }
    }

    @PreDestroy
    void end() {
        clock.shutdownNow();
        attached.values().forEach(Attached::close);
    }
}
