package jawread.server.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyMap;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import jawread.server.settings.SerialGauge;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.signal.GaugeLines.Came;
import jawread.server.words.Words;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Gauges at serial ports that are there, that are not, and that are pulled out. */
class SerialGaugesTest {
    private final ShopSettings settings = mock(ShopSettings.class);
    private final LineKeeper keeper = mock(LineKeeper.class);
    private final Words words = mock(Words.class);
    private final List<String> came = Collections.synchronizedList(new ArrayList<>());
    private final FakePorts ports = new FakePorts();
    private final SerialGauges gauges = new SerialGauges(settings, ports, keeper, new Speakers(), words);

    /** One port; what a gauge would send is written into it. */
    private static final class FakePorts implements SerialPorts {
        private final ByteArrayOutputStream answers = new ByteArrayOutputStream();
        private PipedOutputStream gauge;
        private boolean isIn = true;
        private int opened;

        @Override
        public List<String> names() {
            return List.of("ttyUSB0");
        }

        @Override
        public synchronized Line open(String name, int baud) throws IOException {
            if (!isIn || !name.equals("ttyUSB0")) {
                throw new IOException(name + " is not there");
            }
            opened++;
            gauge = new PipedOutputStream();
            var in = new PipedInputStream(gauge);
            return new Line() {
                @Override
                public InputStream in() {
                    return in;
                }

                @Override
                public OutputStream out() {
                    return answers;
                }

                @Override
                public void close() throws IOException {
                    in.close();
                    gauge.close();
                }
            };
        }
    }

    @BeforeEach
    void answer() throws Exception {
        when(keeper.answered(any())).thenAnswer(call -> {
            Came line = call.getArgument(0);
            came.add(line.text());
            return line.text().isEmpty() ? Optional.empty() : Optional.of("ok place");
        });
        when(words.say(anyString(), anyMap())).thenAnswer(call -> call.getArgument(0));
    }

    @AfterEach
    void end() {
        gauges.end();
    }

    private void set(String text) {
        when(settings.of(Setting.SERIAL_GAUGES)).thenReturn(text);
        gauges.look();
    }

    private static void until(BooleanSupplier isSo) throws InterruptedException {
        for (int i = 0; i < 500 && !isSo.getAsBoolean(); i++) {
            Thread.sleep(20);
        }
        assertThat(isSo.getAsBoolean()).isTrue();
    }

    private void send(String text) throws IOException {
        ports.gauge.write(text.getBytes(StandardCharsets.US_ASCII));
        ports.gauge.flush();
    }

    @Test
    void a_figure_alone_is_that_of_the_gauge_at_its_port_and_is_answered() throws Exception {
        set("M6 ttyUSB0 4800");
        send("31.962 mm\rM6 31.970 mm n=2\r\n");
        until(() -> ports.answers.toString(StandardCharsets.US_ASCII).equals("ok place\r\nok place\r\n"));
        assertThat(came.stream().filter(line -> !line.isEmpty())).containsExactly("M6 31.962 mm", "M6 31.970 mm n=2");
        assertThat(gauges.all().get(0).trouble()).isEmpty();
    }

    @Test
    void what_is_no_line_stays_what_it_was_and_is_refused_as_such() {
        assertThat(SerialGauges.named("M6", "31.9?2 mm")).isEqualTo("31.9?2 mm");
        assertThat(SerialGauges.named("M6", "C3 1.5 in")).isEqualTo("C3 1.5 in");
        assertThat(SerialGauges.named("M6", " 1.5 in ")).isEqualTo("M6 1.5 in");
    }

    @Test
    void a_port_that_is_not_there_says_so_and_another_gauge_is_heard_all_the_same() throws Exception {
        set("C3 COM9; M6 ttyUSB0");
        assertThat(gauges.all()).extracting(SerialGauges.Heard::trouble).containsExactly("serial.no-such-port", "");
        send("1.5 in\n");
        until(() -> came.contains("M6 1.5 in"));
    }

    @Test
    void one_that_is_pulled_out_is_looked_for_until_it_is_back() throws Exception {
        set("M6 ttyUSB0");
        ports.isIn = false;
        ports.gauge.close();
        until(() -> {
            gauges.look();
            return gauges.all().get(0).trouble().equals("serial.taken");
        });
        ports.isIn = true;
        gauges.look();
        assertThat(gauges.all().get(0).trouble()).isEmpty();
        send("31.962 mm\n");
        until(() -> came.contains("M6 31.962 mm"));
        assertThat(ports.opened).isEqualTo(2);
    }

    @Test
    void one_that_is_taken_out_of_the_settings_is_closed() throws Exception {
        set("M6 ttyUSB0");
        set("");
        assertThat(gauges.all()).isEmpty();
        until(() -> {
            try {
                send("1 mm\n");
                return false;
            } catch (IOException closed) {
                return true;
            }
        });
    }

    @ParameterizedTest
    @CsvSource({
        "M6 ttyUSB0 9600, true",
        "M6 /dev/serial/by-id/usb-1 300; C1 COM3, true",
        "M6, false",
        "M6 ttyUSB0 12, false",
        "M6 ttyUSB0 9600 8N1, false",
        "M6 ttyUSB0; C1 ttyUSB0, false",
        "M6 tty*0, false"
    })
    void a_port_is_written_with_its_gauge_and_its_speed(String text, boolean isTaken) {
        boolean taken = SerialGauge.parse(text).fold(all -> true, refused -> false);
        assertThat(taken).isEqualTo(isTaken);
    }
}
