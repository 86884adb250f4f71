package jawread.server.intake;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.server.tabular.UnitInHead;

/** What a column of a table of readings may hold. */
enum Meaning {
    ID("id", "uuid"),
    PART("part", "part name", "serial", "serial number", "piece", "workpiece"),
    FEATURE("feature", "characteristic", "dimension", "name", "what", "number", "no", "no.", "nr", "item"),
    PLACE("place", "position", "pos", "point", "location", "where"),
    CODE("code", "place code", "box"),
    FIGURE("reading", "value", "size", "measured", "actual", "measurement", "result", "figure", "ø", "dia"),
    UNIT("unit", "units"),
    GAUGE("gauge", "gage", "instrument", "tool", "measured with"),
    READER("reader", "read with"),
    PERSON("person", "by", "measured by", "inspector", "operator", "who"),
    TAKEN("taken_at", "taken", "time", "date", "when", "at", "measured at", "timestamp"),
    ROUND("round", "cut"),
    /** Of a table that this program has written: whether it was struck, and whether it is a quick check. */
    STRUCK("struck"),
    QUICK("quick_check", "quick check");

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
        String word = UnitInHead.without(head).toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(each -> each.heads.contains(word)).findFirst();
    }
}
