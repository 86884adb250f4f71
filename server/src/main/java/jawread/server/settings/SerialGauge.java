package jawread.server.settings;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A gauge at a serial port of the shop's machine.
 *
 * @param gauge its number in the shop
 * @param port as this machine names it: {@code ttyUSB0}, {@code COM3}, {@code /dev/serial/by-id/…}
 * @param baud 300 to 921600
 */
public record SerialGauge(String gauge, String port, int baud) {
    private static final Pattern PORT = Pattern.compile("[A-Za-z0-9/._:+-]{1,120}");
    private static final Pattern BAUD = Pattern.compile("\\d{3,6}");
    private static final int SLOWEST = 300;
    private static final int FASTEST = 921_600;
    private static final int USUAL = 9600;

    /** Each as {@code M6 ttyUSB0 9600}: its number, its port, its speed, which is 9600 where it is not said; apart by semicolons. */
    public static Outcome<List<SerialGauge>> parse(String text) {
        var all = new ArrayList<SerialGauge>();
        for (String each : text.split(";")) {
            if (each.isBlank()) {
                continue;
            }
            String[] said = each.strip().split("\\s+");
            boolean isOne = (said.length == 2 || said.length == 3)
                    && PORT.matcher(said[1]).matches()
                    && (said.length == 2 || isSpeed(said[2]))
                    && all.stream().noneMatch(other -> other.port().equals(said[1]));
            if (!isOne) {
                return Outcome.refused(Refusal.of("serial-gauge").with("text", each.strip()));
            }
            all.add(new SerialGauge(said[0], said[1], said.length == 2 ? USUAL : Integer.parseInt(said[2])));
        }
        return Outcome.of(List.copyOf(all));
    }

    private static boolean isSpeed(String text) {
        return BAUD.matcher(text).matches() && Integer.parseInt(text) >= SLOWEST && Integer.parseInt(text) <= FASTEST;
    }
}
