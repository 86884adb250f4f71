package jawread.core.limit;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;

/** Plus and minus for linear sizes without a tolerance of their own, by class: ISO 2768-1. */
public enum GeneralTolerance {
    FINE("f"),
    MEDIUM("m"),
    COARSE("c"),
    VERY_COARSE("v");

    private static final Table TABLE = Table.beside(GeneralTolerance.class, "iso2768-linear.csv");

    private final String code;

    GeneralTolerance(String code) {
        this.code = code;
    }

    /** As a drawing writes it: f, m, c, v. Refused otherwise as {@code class-not-supported}. */
    public static Outcome<GeneralTolerance> of(String code) {
        return Arrays.stream(values())
                .filter(each -> each.code.equals(code))
                .findFirst()
                .map(Outcome::of)
                .orElseGet(() -> Outcome.refused(
                        Refusal.of("class-not-supported").with("letter", code).with("grade", "")));
    }

    public String code() {
        return code;
    }

    /** Exact. Refusals: {@code size-not-in-tables} under 0.5 or over 4000 mm, {@code no-value-at-size}. */
    public Outcome<Length> at(Length nominal) {
        return rowOf(nominal)
                .map(row -> row.has(code)
                        ? Outcome.of(SizeRange.millimetres(row, code))
                        : Outcome.<Length>refused(Refusal.of("no-value-at-size")
                                .with("letter", name().toLowerCase(Locale.ROOT))
                                .with("size", nominal)))
                .orElseGet(() -> Outcome.refused(Refusal.of("size-not-in-tables")
                        .with("size", nominal)
                        .with("least", "0.5 mm")
                        .with("most", "4000 mm")));
    }

    /** The very first size, 0.5 mm, belongs to the first range. */
    private static Optional<Row> rowOf(Length nominal) {
        Row first = TABLE.rows().get(0);
        return nominal.equals(SizeRange.millimetres(first, "over_mm"))
                ? Optional.of(first)
                : SizeRange.rowOf(TABLE, nominal);
    }
}
