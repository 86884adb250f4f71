package jawread.server.plan;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TitleBlock;
import jawread.core.plan.KindByName;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.TypedFeature;
import jawread.core.walk.Layout;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.plan.PastedView.PastedRowView;
import jawread.server.plan.TitleRead.TitleIn;
import jawread.server.plan.TitleRead.TitleLine;
import jawread.server.tabular.Separated;
import jawread.server.tabular.UnitInHead;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

/**
 * Understands features copied from a spreadsheet: columns apart by tabs, or by semicolons. A first line of known words names the
 * columns; without one the first is the name and the second the limits, and a column alone is the limits. A title block may stand above.
 */
@Component
class PastedFeatures {
    private static final int MOST_ROWS = 1000;
    private static final int LOOKED_FOR_A_HEAD = 20;
    private static final Pattern LETTERS = Pattern.compile("[\\p{L}\"]");

    /** What a column may be called, by the field it fills. */
    private static final Map<String, List<String>> HEADINGS = new LinkedHashMap<>();

    static {
        HEADINGS.put("name", List.of("name", "feature", "what", "description", "dimension"));
        HEADINGS.put("number", List.of("number", "no", "no.", "nr", "item", "drawing number"));
        HEADINGS.put("kind", List.of("kind", "type"));
        HEADINGS.put("limits", List.of("limits", "limit", "tolerance", "size", "as new", "as-new"));
        HEADINGS.put("nominal", List.of("nominal", "nominal size", "basic size", "basic", "ø", "dia", "diameter"));
        HEADINGS.put("upper", List.of("upper", "upper limit", "upper deviation", "max", "maximum", "max.", "+"));
        HEADINGS.put("lower", List.of("lower", "lower limit", "lower deviation", "min", "minimum", "min.", "-", "−"));
        HEADINGS.put("unit", List.of("unit", "units"));
        HEADINGS.put("service", List.of("service", "service limit", "wear limit", "worn"));
        HEADINGS.put("outOfRound", List.of("out-of-round", "out of round", "roundness", "ovality"));
        HEADINGS.put("taper", List.of("taper"));
        HEADINGS.put("steps", List.of("steps", "oversizes", "undersizes", "oversize", "undersize"));
        HEADINGS.put("lies", List.of("lies", "where", "along", "position"));
        HEADINGS.put("layout", List.of("layout", "places"));
    }

    private final TitleRead titles;
    private final PlannedWords planned;
    private final Words words;

    PastedFeatures(TitleRead titles, PlannedWords planned, Words words) {
        this.titles = titles;
        this.planned = planned;
        this.words = words;
    }

    /**
     * Refuses a text without a row, and one with over a thousand.
     *
     * @param isWithTitle whether a title block above the features is taken along, so that they are understood by it
     */
    PastedView understand(String text, boolean isWithTitle, MethodsOfPlan methods) {
        List<CSVRecord> all = rows(text);
        if (all.isEmpty() || all.size() > MOST_ROWS) {
            throw Refused.field("text", "nothing-pasted", words);
        }
        List<TitleLine> lines = all.stream()
                .limit(LOOKED_FOR_A_HEAD)
                .flatMap(row -> titleLine(row).stream())
                .toList();
        TitleIn title = titles.of(methods.job(), lines);
        TitleBlock block = isWithTitle && !title.isRefused()
                ? title.block()
                : methods.job().titleBlock();
        List<CSVRecord> rows = all.stream()
                .filter(row -> lines.stream().noneMatch(line -> line.line() == (int) row.getRecordNumber()))
                .toList();
        // Something else may stand above the head, too.
        int head = IntStream.range(0, Math.min(rows.size(), LOOKED_FOR_A_HEAD))
                .filter(at -> isHead(headings(rows.get(at))))
                .findFirst()
                .orElse(-1);
        List<String> columns = head >= 0 ? headings(rows.get(head)) : byPlace(rows);
        List<String> units = head >= 0
                ? rows.get(head).stream()
                        .map(cell -> UnitInHead.of(cell).orElse(""))
                        .toList()
                : List.of();
        return new PastedView(
                title.lines(),
                columns,
                rows.stream()
                        .skip(head + 1L)
                        .map(row -> new PastedRowView(
                                (int) row.getRecordNumber(),
                                planned.of(
                                        UUID.randomUUID(),
                                        0,
                                        PlannedFeature.of(feature(row, columns, units), block),
                                        methods)))
                        .toList());
    }

    /** A word of a title block, and one cell with what it says; a head of columns is none. */
    private static Optional<TitleLine> titleLine(CSVRecord row) {
        List<String> said = row.stream().skip(1).filter(cell -> !cell.isEmpty()).toList();
        if (said.size() != 1
                || headings(row).stream().filter(of -> !of.isEmpty()).count() > 1) {
            return Optional.empty();
        }
        return TitleWord.of(row.get(0))
                .map(word -> new TitleLine((int) row.getRecordNumber(), word, Separated.read(said.get(0))));
    }

    private static List<CSVRecord> rows(String text) {
        char apart = text.contains("\t") ? '\t' : ';';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(apart)
                // So that a row's number is that of its line; an empty one is left out below.
                .setIgnoreEmptyLines(false)
                .setTrim(true)
                // An inch mark is no quotation: 3/4" stands as it is.
                .setQuote(null)
                .get();
        try (var parser = format.parse(new StringReader(text))) {
            return parser.getRecords().stream()
                    .filter(row -> row.stream().anyMatch(cell -> !cell.isEmpty()))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean isHead(List<String> headings) {
        return headings.contains("limits")
                || headings.contains("name")
                || headings.contains("upper") && headings.contains("lower");
    }

    private static List<String> headings(CSVRecord first) {
        return first.stream()
                .map(cell -> HEADINGS.entrySet().stream()
                        .filter(entry -> entry.getValue()
                                .contains(UnitInHead.without(cell).toLowerCase(Locale.ROOT)))
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(""))
                .toList();
    }

    private static List<String> byPlace(List<CSVRecord> rows) {
        int widest = rows.stream().mapToInt(CSVRecord::size).max().orElse(1);
        if (widest == 1) {
            return List.of("limits");
        }
        var columns = new ArrayList<>(Arrays.asList("name", "limits"));
        List<String> further = List.of("service", "outOfRound", "taper");
        for (int i = 2; i < widest; i++) {
            columns.add(i - 2 < further.size() ? further.get(i - 2) : "");
        }
        return columns;
    }

    private static TypedFeature feature(CSVRecord row, List<String> columns, List<String> units) {
        Map<String, String> cells = new LinkedHashMap<>();
        Map<String, String> unitOf = new HashMap<>();
        for (int i = 0; i < Math.min(row.size(), columns.size()); i++) {
            cells.put(columns.get(i), Separated.read(row.get(i)));
            if (i < units.size()) {
                unitOf.put(columns.get(i), units.get(i));
            }
        }
        String limits = limits(cells, unitOf);
        String name = cells.getOrDefault("name", limits);
        FeatureKind kind = FeatureKind.of(
                        cells.getOrDefault("kind", "").toLowerCase(Locale.ROOT).replace(' ', '-'))
                .orElseGet(() -> KindByName.of(name, limits));
        TypedFeature feature = TypedFeature.of(name, kind, limits)
                .withNumber(cells.getOrDefault("number", ""))
                .withWear(cells.getOrDefault("service", ""), cells.getOrDefault("steps", ""))
                .withForm(cells.getOrDefault("outOfRound", ""), cells.getOrDefault("taper", ""))
                .withLies(cells.getOrDefault("lies", ""));
        return Layout.of(cells.getOrDefault("layout", "")
                        .toLowerCase(Locale.ROOT)
                        .replace(' ', '-'))
                .map(feature::withLayout)
                .orElse(feature);
    }

    /** In one column, or in several, with the unit that the row or the head says. */
    private static String limits(Map<String, String> cells, Map<String, String> unitOf) {
        String typed = cells.getOrDefault("limits", "");
        String ofRow = cells.getOrDefault("unit", "");
        String unit = Stream.of(ofRow, unitOf.getOrDefault("limits", ""))
                .filter(said -> !said.isEmpty())
                .findFirst()
                .orElse("");
        if (!typed.isEmpty()) {
            return unit.isEmpty() || LETTERS.matcher(typed).find() ? typed : typed + " " + unit;
        }
        return LimitsInColumns.of(
                cells.getOrDefault("nominal", ""),
                cells.getOrDefault("upper", ""),
                cells.getOrDefault("lower", ""),
                Stream.concat(
                                Stream.of(ofRow),
                                Stream.of("nominal", "upper", "lower").map(column -> unitOf.getOrDefault(column, "")))
                        .filter(said -> !said.isEmpty())
                        .findFirst()
                        .orElse(""));
    }
}
