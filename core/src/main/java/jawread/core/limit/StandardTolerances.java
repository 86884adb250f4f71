package jawread.core.limit;

import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.table.Table;

/** The tables of ISO 286-1 up to 3150 mm, IT4 to IT16: how wide a grade is, and where a letter lies. Exact. */
final class StandardTolerances {
    private static final Table GRADES = Table.beside(StandardTolerances.class, "iso286-grades.csv");
    private static final Table SHAFTS = Table.beside(StandardTolerances.class, "iso286-shafts.csv");

    private StandardTolerances() {}

    /** The width of a grade at a size. Refusals: {@code size-not-in-tables}, {@code grade-not-in-tables}. */
    static Outcome<Length> grade(Length size, int grade) {
        String column = "IT" + grade;
        return SizeRange.rowOf(GRADES, size)
                .map(row -> GRADES.columns().contains(column) && row.has(column)
                        ? Outcome.of(SizeRange.micrometres(row, column))
                        : Outcome.<Length>refused(
                                Refusal.of("grade-not-in-tables").with("grade", column)))
                .orElseGet(() -> notInTables(size));
    }

    /** The fundamental deviation of a shaft. Refusals: {@code size-not-in-tables}, {@code no-value-at-size}. */
    static Outcome<Length> deviation(Length size, String shaftLetter) {
        return SizeRange.rowOf(SHAFTS, size)
                .map(row -> row.has(shaftLetter)
                        ? Outcome.of(SizeRange.micrometres(row, shaftLetter))
                        : Outcome.<Length>refused(Refusal.of("no-value-at-size")
                                .with("letter", shaftLetter)
                                .with("size", size)))
                .orElseGet(() -> notInTables(size));
    }

    private static <T> Outcome<T> notInTables(Length size) {
        return Outcome.refused(Refusal.of("size-not-in-tables")
                .with("size", size)
                .with("least", "0")
                // The tables are metric, whatever the job's unit.
                .with("most", "3150 mm"));
    }
}
