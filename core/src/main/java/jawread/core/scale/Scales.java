package jawread.core.scale;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collection;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** The catalogue of scales by id. The scales themselves are rows of {@code scales.csv} and {@code feelers.csv}. */
public final class Scales {
    private static final Map<String, Scale> BY_ID = new LinkedHashMap<>();

    static {
        Stream.concat(rows("scales.csv", Scales::scale), rows("feelers.csv", Scales::feeler))
                .forEach(scale -> BY_ID.put(scale.id(), scale));
    }

    private Scales() {}

    public static Optional<Scale> of(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    public static Collection<Scale> all() {
        return BY_ID.values();
    }

    /** The cells of one row, each by the name over its column. */
    private record Row(Map<String, String> cells) {
        String text(String column) {
            return cells.get(column);
        }

        int count(String column) {
            return text(column).isEmpty() ? 0 : Integer.parseInt(text(column));
        }

        LengthUnit unit() {
            return LengthUnit.ofSuffix(text("unit")).orElseThrow();
        }

        Length length(String column) {
            return Length.of(new BigDecimal(text(column)), unit());
        }
    }

    private static Scale scale(Row row) {
        String id = row.text("id");
        LengthUnit unit = row.unit();
        Length coarse = row.length("coarse");
        int lines = row.count("lines");
        int figures = row.count("figures");
        int reach = row.count("reach");
        return switch (row.text("family")) {
            case "vernier" -> new VernierSlide(id, unit, coarse, row.count("vernier"), figures, reach);
            case "dial" -> new DialSlide(id, unit, coarse, row.length("turn"), lines, figures, reach);
            case "thimble" ->
                new Thimble(
                        id,
                        unit,
                        coarse,
                        lines,
                        row.count("vernier"),
                        figures,
                        reach,
                        Thimble.Runs.valueOf(row.text("runs").toUpperCase(Locale.ROOT)));
            case "comparator" -> new Comparator(id, unit, coarse, lines);
            case "digits" -> new Digits(id, unit, coarse, reach);
            case "rule" -> new Rule(id, unit, coarse, figures, reach);
            default -> throw new IllegalStateException("scales.csv: " + id + " is of no known family");
        };
    }

    private static Scale feeler(Row row) {
        return new Feeler(
                row.text("id"),
                row.unit(),
                Arrays.stream(row.text("leaves").split(" "))
                        .map(leaf -> Length.of(new BigDecimal(leaf), row.unit()))
                        .toList());
    }

    /** The rows of a table whose first lines, with #, explain it, and whose next line names the columns. */
    private static Stream<Scale> rows(String table, Function<Row, Scale> scale) {
        try (var file = new BufferedReader(
                new InputStreamReader(Scales.class.getResourceAsStream(table), StandardCharsets.UTF_8))) {
            Iterator<String[]> lines = file.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(",", -1))
                    .toList()
                    .iterator();
            String[] columns = lines.next();
            var scales = Stream.<Scale>builder();
            lines.forEachRemaining(cells -> {
                var row = new LinkedHashMap<String, String>();
                for (int i = 0; i < columns.length; i++) {
                    row.put(columns[i], cells[i]);
                }
                scales.add(scale.apply(new Row(row)));
            });
            return scales.build();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
