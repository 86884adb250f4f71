package jawread.server.intake;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a column of a table of readings may hold. */
enum Meaning {
    ID("id", "uuid"),
    PART("part", "part name", "serial", "serial number", "piece", "seat", "workpiece"),
    FEATURE("feature", "characteristic", "dimension", "name", "what", "number", "no", "no.", "nr", "item"),
    PLACE("place", "position", "pos", "point", "location", "where"),
    CODE("code", "place code", "box"),
    FIGURE("reading", "value", "size", "measured", "actual", "measurement", "result", "figure", "ø", "dia"),
    UNIT("unit", "units"),
    GAUGE("gauge", "gage", "instrument", "tool", "measured with"),
    READER("reader", "read with"),
    PERSON("person", "by", "measured by", "inspector", "operator", "who"),
    TAKEN("taken_at", "taken", "time", "date", "when", "at", "measured at", "timestamp"),
    ROUND("round", "cut");

    private static final Pattern UNIT_IN_HEAD =
            Pattern.compile("[\\[(]\\s*(mm|in|inch|inches|\"|µm|μm|um|thou)\\s*[\\])]", Pattern.CASE_INSENSITIVE);

    private final List<String> heads;

    Meaning(String... heads) {
        this.heads = Arrays.asList(heads);
    }

    String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Optional<Meaning> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }

    /** What a head says; empty where it says nothing that is known. */
    static Optional<Meaning> ofHead(String head) {
        String word = bare(head).toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(each -> each.heads.contains(word)).findFirst();
    }

    /** A head without the unit that it says. */
    static String bare(String head) {
        return UNIT_IN_HEAD.matcher(head).replaceAll("").strip();
    }

    /** The unit that a head says. */
    static Optional<String> unitOf(String head) {
        Matcher said = UNIT_IN_HEAD.matcher(head);
        return said.find() ? Optional.of(said.group(1)) : Optional.empty();
    }
}
