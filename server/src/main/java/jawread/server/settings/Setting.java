package jawread.server.settings;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.heat.Material;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.server.words.TypedNumber;

/** One thing a shop decides, its starting value, and what it may be. */
public enum Setting {
    SHOP_NAME("", Scope.SHOP),
    UNIT("mm", Scope.SHOP, "mm", "in"),

    // Schools: practitioners disagree, and what is chosen is printed on the record.
    REPEATS("two-then-third", Scope.SHOP_AND_JOB, "once", "two-then-third", "three-averaged", "three-alike"),
    GAUGE_CHOICE("quarter", Scope.SHOP_AND_JOB, "tenth", "quarter", "shown"),
    DRIVE("ratchet", Scope.SHOP_AND_JOB, "ratchet", "feel"),
    TELESCOPING("once-through", Scope.SHOP_AND_JOB, "once-through", "rocked"),
    BORE_SET_SIZE("middle", Scope.SHOP_AND_JOB, "middle", "smallest", "round-figure"),
    AXES("thrust-and-cross", Scope.SHOP_AND_JOB, "thrust", "thrust-and-cross", "three"),
    PLACE_VALUE("average", Scope.SHOP_AND_JOB, "average", "median", "worst"),
    NEAR_LIMIT("guarded", Scope.SHOP_AND_JOB, "guarded", "plain"),
    /** When a quick check with another gauge is asked for by itself. */
    QUICK_CHECK("never", Scope.SHOP_AND_JOB, "never", "first-place", "every-place"),
    OUT_OF_ROUND("both", Scope.SHOP_AND_JOB, "both", "difference", "roundness"),
    TAPER("largest-difference", Scope.SHOP_AND_JOB, "largest-difference", "end-to-end", "slope"),
    DISPLAY("both", Scope.SHOP_AND_JOB, "both", "needle", "digits"),

    /** What is wanted off each side, in mm, that no old metal is left in the new wall. */
    CLEAN_UP_METRIC("0.05", Scope.SHOP_AND_JOB, text -> Setting.number(text, 0, 5)),
    /** The same in inches, for a job that is written in them. */
    CLEAN_UP_INCH("0.002", Scope.SHOP_AND_JOB, text -> Setting.number(text, 0, 1)),

    /** Half the width of a contact, in mm: so far a new plan's sections keep from the edge of a band that is kept clear. */
    CONTACT_METRIC("2", Scope.SHOP_AND_JOB, text -> Setting.number(text, 0, 50)),
    /** The same in inches. */
    CONTACT_INCH("0.08", Scope.SHOP_AND_JOB, text -> Setting.number(text, 0, 2)),

    // What a title block says of sizes without a tolerance of their own.
    GENERAL_TOLERANCE("none", Scope.SHOP_AND_JOB, "none", "f", "m", "c", "v"),
    DECIMALS_1("", Scope.SHOP_AND_JOB, Setting::tolerance),
    DECIMALS_2("", Scope.SHOP_AND_JOB, Setting::tolerance),
    DECIMALS_3("", Scope.SHOP_AND_JOB, Setting::tolerance),
    DECIMALS_4("", Scope.SHOP_AND_JOB, Setting::tolerance),

    /** Which cautions matter on a job, by their codes, apart by spaces. */
    CAUTIONS("machine-stopped sharp eyes", Scope.SHOP_AND_JOB, Setting::cautions),

    /** How long what a trial showed is used. */
    TRIAL_MONTHS("6", Scope.SHOP, text -> Setting.number(text, 1, 60)),
    /** After how long unused a gauge wants its zero looked at. */
    CHECK_BREAK_HOURS("4", Scope.SHOP, text -> Setting.number(text, 1, 720)),
    /** How long a comparator's setting is trusted before it goes back on its master. */
    SETTING_MINUTES("30", Scope.SHOP, text -> Setting.number(text, 1, 480)),
    SETTING_READINGS("20", Scope.SHOP, text -> Setting.number(text, 1, 500)),
    /** For each 25 mm of section on a metal plate. */
    SOAK_MINUTES("60", Scope.SHOP, text -> Setting.number(text, 1, 600)),
    /** δT in K where part and gauge were both measured: see {@link jawread.core.judge.Warmth}. */
    TEMPERATURE_MEASURED("0.3", Scope.SHOP, text -> Setting.number(text, 0, 20)),
    /** δT in K where nobody measured. */
    TEMPERATURE_APART("1", Scope.SHOP, text -> Setting.number(text, 0, 20)),
    /** ΔT20 in K where nobody measured. */
    ROOM_FROM_TWENTY("5", Scope.SHOP, text -> Setting.number(text, 0, 40)),

    MACHINE_READS("radius", Scope.SHOP, "radius", "diameter"),
    /** The smallest division of the machine's dial, in mm: no cut is told finer. */
    MACHINE_DIVISION_METRIC("0.01", Scope.SHOP, Setting::division),
    /** The same in inches, for a job that is written in them. */
    MACHINE_DIVISION_INCH("0.001", Scope.SHOP, Setting::division),
    /** The shop's own materials, {@code gunmetal 18.3}, apart by semicolons. */
    MATERIALS("", Scope.SHOP, Setting::materials),
    /** Who sees the slips that a person owned to. */
    SLIPS_SEEN_BY("own", Scope.SHOP, "own", "shop"),
    SOUNDS("on", Scope.SHOP, "on", "off"),
    /** Whether each figure is spoken back, digit by digit. */
    READ_BACK("off", Scope.SHOP, "on", "off"),
    /** Whether figures that share their head may be typed by their last digits. */
    SHORT_ENTRY("off", Scope.SHOP, "on", "off"),
    THEME("device", Scope.SHOP, "device", "light", "dim"),

    /** To whom the port for gauges that speak is open: nobody, this machine alone, or the network to those who bear a token. */
    GAUGE_PORT("off", Scope.SHOP, "off", "here", "network"),
    /** Its number; 0: any that is free. */
    GAUGE_PORT_NUMBER("4810", Scope.SHOP, text -> Setting.number(text, 0, 65535)),
    /** What gauges that type put around their figures. */
    KEYBOARD_GAUGES("", Scope.SHOP, text -> KeyboardGauge.parse(text).then(all -> Outcome.of(text))),
    /** Which gauges are at serial ports of this machine. */
    SERIAL_GAUGES("", Scope.SHOP, text -> SerialGauge.parse(text).then(all -> Outcome.of(text)));

    private enum Scope {
        SHOP,
        SHOP_AND_JOB
    }

    private static final int LONGEST = 400;
    private final String startingValue;
    private final Scope scope;
    private final List<String> choices;
    private final Function<String, Outcome<String>> understood;

    Setting(String startingValue, Scope scope, String... choices) {
        this(startingValue, scope, Outcome::of, choices);
    }

    /** One that is typed, and not any text is right. */
    Setting(String startingValue, Scope scope, Function<String, Outcome<String>> understood, String... choices) {
        this.startingValue = startingValue;
        this.scope = scope;
        this.understood = understood;
        this.choices = List.of(choices);
    }

    public static Optional<Setting> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    /** Those a job has its own choice of. */
    public static List<Setting> ofJobs() {
        return Arrays.stream(values())
                .filter(each -> each.scope == Scope.SHOP_AND_JOB)
                .toList();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String startingValue() {
        return startingValue;
    }

    /** What it may be; empty where it is typed. */
    public List<String> choices() {
        return choices;
    }

    /**
     * A choice as it may be kept. Refuses {@code no-such-choice}, {@code choice-too-long}, and what a typed setting cannot
     * be.
     */
    public Outcome<String> accept(String text) {
        String choice = text.strip();
        if (choice.length() > LONGEST) {
            return Outcome.refused(Refusal.of("choice-too-long").with("most", LONGEST));
        }
        if (!choices.isEmpty() && !choices.contains(choice)) {
            return Outcome.refused(
                    Refusal.of("no-such-choice").with("text", choice).with("choices", String.join(", ", choices)));
        }
        return understood.apply(choice);
    }

    /** A plus and minus in inches, or nothing. */
    private static Outcome<String> tolerance(String text) {
        return text.isEmpty()
                ? Outcome.of(text)
                : TypedLength.parse(text, LengthUnit.INCH, TypedLength.Kind.SIZE)
                        .then(typed -> typed.length().isZero() ? Outcome.refused("form-limit-zero") : Outcome.of(text));
    }

    private static Outcome<String> number(String text, long least, long most) {
        return TypedNumber.within(text, BigDecimal.valueOf(least), BigDecimal.valueOf(most))
                .map(number -> Outcome.of(number.toPlainString()))
                .orElseGet(() -> Outcome.refused(
                        Refusal.of("number-between").with("least", (int) least).with("most", (int) most)));
    }

    /** Of a dial: above zero, and no more than 1. */
    private static Outcome<String> division(String text) {
        return number(text, 0, 1)
                .then(number ->
                        new BigDecimal(number).signum() > 0 ? Outcome.of(number) : Outcome.refused("division-zero"));
    }

    private static Outcome<String> cautions(String text) {
        return Stream.of(text.split("\\s+"))
                .filter(code -> !code.isEmpty() && Caution.of(code).isEmpty())
                .findFirst()
                .map(code ->
                        Outcome.<String>refused(Refusal.of("no-such-caution").with("text", code)))
                .orElse(Outcome.of(text));
    }

    private static Outcome<String> materials(String text) {
        Outcome<String> all = Outcome.of(text);
        for (String each : text.split(";")) {
            all = each.isBlank() ? all : all.then(before -> Material.parse(each).map(own -> before));
        }
        return all;
    }
}
