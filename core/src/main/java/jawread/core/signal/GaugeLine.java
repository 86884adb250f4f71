package jawread.core.signal;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * One line from a gauge with data output: ASCII, at most 200 bytes, fields parted by blanks. {@code M3 1.2500 in n=17 hold} is a
 * figure, {@code hello M3} asks whether the gauge is known, {@code token SECRET} says who may speak, and a line that begins with
 * {@code #} says nothing.
 */
public sealed interface GaugeLine {
    /** Bytes, without the line end. */
    int LONGEST = 200;

    Pattern FIGURE = Pattern.compile("[+-]?(?:\\d{1,6}(?:[.,]\\d{1,7})?|[.,]\\d{1,7})");
    Pattern PRINTABLE = Pattern.compile("[\\x20-\\x7e\\t]*");
    Pattern GAUGE = Pattern.compile("[\\x21-\\x7e]{1,40}");
    Pattern WHOLE = Pattern.compile("\\d{1,18}");
    Pattern SECONDS = Pattern.compile("\\d{1,6}(?:[.,]\\d{1,3})?");

    /** A comment, or nothing at all. */
    record Nothing() implements GaugeLine {}

    record Hello(String gauge) implements GaugeLine {}

    record Token(String secret) implements GaugeLine {}

    /**
     * @param gauge its number in the shop
     * @param text as the gauge wrote it, with a point
     */
    record Figure(String gauge, String text, LengthUnit unit, Flags flags) implements GaugeLine {
        public Length value() {
            return Length.of(new BigDecimal(text), unit);
        }

        /** As it is read in: with its unit. */
        public String written() {
            return text + " " + unit.symbol();
        }

        /** How far it is from what its display was preset to, with its sign and unit; as it is shown where it does not say. */
        public String fromPreset() {
            BigDecimal shown = new BigDecimal(text);
            BigDecimal off = flags.preset().map(shown::subtract).orElse(shown);
            return (off.signum() < 0 ? "" : "+") + off.toPlainString() + " " + unit.symbol();
        }

        /** Whether its display was preset to this size, to the digits that the preset is written with; also where it does not say. */
        public boolean isPresetTo(Length size) {
            return flags.preset()
                    .map(preset -> size.in(unit)
                                    .setScale(Math.max(0, preset.scale()), RoundingMode.HALF_EVEN)
                                    .compareTo(preset)
                            == 0)
                    .orElse(true);
        }

        /** The same digits in the other unit: what it would be if its display were switched. */
        public Length inOtherUnit() {
            return Length.of(new BigDecimal(text), unit.other());
        }

        /** Whether both bear a count of the gauge, and it is the same. */
        public boolean isCountedAs(Figure before) {
            return flags.count().isPresent()
                    && flags.count().equals(before.flags().count());
        }
    }

    /**
     * Refuses {@code line-too-long}, {@code line-not-plain} (a byte that is no printing ASCII), {@code line-torn} (fields that are
     * missing), {@code line-figure}, {@code line-unit} and {@code line-flag} (a flag that is known, and says what it cannot).
     *
     * @param line without its end
     */
    static Outcome<GaugeLine> parse(String line) {
        if (line.length() > LONGEST) {
            return Outcome.refused(Refusal.of("line-too-long").with("most", LONGEST));
        }
        if (!PRINTABLE.matcher(line).matches()) {
            return Outcome.refused("line-not-plain");
        }
        List<String> fields = Arrays.stream(line.strip().split("[ \t]+"))
                .filter(field -> !field.isEmpty())
                .toList();
        if (fields.isEmpty() || fields.get(0).startsWith("#")) {
            return Outcome.of(new Nothing());
        }
        if (fields.get(0).equals("hello") && fields.size() == 2) {
            return Outcome.of(new Hello(fields.get(1)));
        }
        if (fields.get(0).equals("token") && fields.size() == 2) {
            return Outcome.of(new Token(fields.get(1)));
        }
        return fields.size() < 3 || !GAUGE.matcher(fields.get(0)).matches()
                ? Outcome.refused("line-torn")
                : figure(fields);
    }

    /** The gauge's own count, also where the rest of a line is no figure: the answer bears it. */
    static OptionalLong countIn(String line) {
        return Arrays.stream(line.strip().split("[ \t]+"))
                .filter(field -> field.startsWith("n=")
                        && WHOLE.matcher(field.substring(2)).matches())
                .mapToLong(field -> Long.parseLong(field.substring(2)))
                .findFirst();
    }

    private static Outcome<GaugeLine> figure(List<String> fields) {
        if (!FIGURE.matcher(fields.get(1)).matches()) {
            return Outcome.refused(Refusal.of("line-figure").with("text", fields.get(1)));
        }
        Optional<LengthUnit> unit = LengthUnit.ofSuffix(fields.get(2).toLowerCase(Locale.ROOT))
                .filter(each -> each == LengthUnit.MILLIMETRE || each == LengthUnit.INCH);
        if (unit.isEmpty()) {
            return Outcome.refused(Refusal.of("line-unit").with("text", fields.get(2)));
        }
        var read = new FlagsRead();
        for (String flag : fields.subList(3, fields.size())) {
            if (!read.takes(flag)) {
                return Outcome.refused(Refusal.of("line-flag").with("text", flag));
            }
        }
        return Outcome.of(new Figure(fields.get(0), plain(fields.get(1)), unit.get(), read.flags()));
    }

    private static String plain(String figure) {
        String point = figure.replace(',', '.');
        return point.startsWith("+") ? point.substring(1) : point;
    }

    /** The flags of a line, in any order; of one that comes twice the last is meant. */
    final class FlagsRead {
        private OptionalLong count = OptionalLong.empty();
        private boolean isHeld;
        private Optional<Duration> heldFor = Optional.empty();
        private boolean isCellLow;
        private Optional<BigDecimal> preset = Optional.empty();
        private boolean isZeroed;
        private Optional<Flags.Light> light = Optional.empty();
        private Optional<Instant> at = Optional.empty();
        private boolean isSimulated;
        private final List<String> unknown = new ArrayList<>();

        private FlagsRead() {}

        private boolean takes(String flag) {
            int is = flag.indexOf('=');
            return is < 0 ? takesWord(flag) : takesValue(flag, flag.substring(0, is), flag.substring(is + 1));
        }

        private boolean takesWord(String flag) {
            switch (flag) {
                case "hold" -> isHeld = true;
                case "lowcell" -> isCellLow = true;
                case "zero" -> isZeroed = true;
                case "over" -> light = Optional.of(Flags.Light.OVER);
                case "under" -> light = Optional.of(Flags.Light.UNDER);
                case "in" -> light = Optional.of(Flags.Light.IN);
                case "simulated" -> isSimulated = true;
                default -> unknown.add(flag);
            }
            return true;
        }

        private boolean takesValue(String flag, String name, String value) {
            switch (name) {
                case "n" -> {
                    if (!WHOLE.matcher(value).matches()) {
                        return false;
                    }
                    count = OptionalLong.of(Long.parseLong(value));
                }
                case "hold" -> {
                    if (!SECONDS.matcher(value).matches()) {
                        return false;
                    }
                    isHeld = true;
                    heldFor = Optional.of(Duration.ofMillis(new BigDecimal(value.replace(',', '.'))
                            .movePointRight(3)
                            .longValueExact()));
                }
                case "preset" -> {
                    Matcher figure = FIGURE.matcher(value);
                    if (!figure.matches()) {
                        return false;
                    }
                    preset = Optional.of(new BigDecimal(plain(value)));
                }
                case "at" -> {
                    try {
                        at = Optional.of(DateTimeFormatter.ISO_OFFSET_DATE_TIME.parse(value, Instant::from));
                    } catch (DateTimeException none) {
                        return false;
                    }
                }
                default -> unknown.add(flag);
            }
            return true;
        }

        private Flags flags() {
            return new Flags(count, isHeld, heldFor, isCellLow, preset, isZeroed, light, at, isSimulated, unknown);
        }
    }
}
