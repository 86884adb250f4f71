package jawread.core.scale;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;

/** The catalogue of scales by id. The scales themselves are rows of {@code scales.csv} and {@code feelers.csv}. */
public final class Scales {
    private static final Map<String, Scale> BY_ID = new LinkedHashMap<>();

    static {
        Stream.concat(
                        Table.beside(Scales.class, "scales.csv").rows().stream().map(Scales::scale),
                        Table.beside(Scales.class, "feelers.csv").rows().stream()
                                .map(Scales::feeler))
                .forEach(scale -> BY_ID.put(scale.id(), scale));
    }

    private Scales() {}

    public static Optional<Scale> of(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    public static Collection<Scale> all() {
        return BY_ID.values();
    }

    private static Scale scale(Row row) {
        String id = row.text("id");
        LengthUnit unit = unit(row);
        Length coarse = length(row, "coarse");
        int lines = count(row, "lines");
        int figures = count(row, "figures");
        int reach = count(row, "reach");
        return switch (row.text("family")) {
            case VernierSlide.FAMILY -> new VernierSlide(id, unit, coarse, count(row, "vernier"), figures, reach);
            case DialSlide.FAMILY -> new DialSlide(id, unit, coarse, length(row, "turn"), lines, figures, reach);
            case Thimble.FAMILY ->
                new Thimble(
                        id,
                        unit,
                        coarse,
                        lines,
                        count(row, "vernier"),
                        figures,
                        reach,
                        Thimble.Runs.valueOf(row.text("runs").toUpperCase(Locale.ROOT)),
                        row.has("own"));
            case Comparator.FAMILY -> new Comparator(id, unit, coarse, lines);
            case Digits.FAMILY -> new Digits(id, unit, coarse, reach);
            case Rule.FAMILY -> new Rule(id, unit, coarse, figures, reach);
            default -> throw new IllegalStateException("scales.csv: " + id + " is of no known family");
        };
    }

    private static Scale feeler(Row row) {
        return new Feeler(
                row.text("id"),
                unit(row),
                Arrays.stream(row.text("leaves").split(" "))
                        .map(leaf -> Length.of(new BigDecimal(leaf), unit(row)))
                        .toList());
    }

    private static int count(Row row, String column) {
        return row.has(column) ? Integer.parseInt(row.text(column)) : 0;
    }

    private static LengthUnit unit(Row row) {
        return LengthUnit.ofSuffix(row.text("unit")).orElseThrow();
    }

    private static Length length(Row row, String column) {
        return Length.of(new BigDecimal(row.text(column)), unit(row));
    }
}
