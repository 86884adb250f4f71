package jawread.core.limit;

import java.math.BigDecimal;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;

/** How a table of standard tolerances is asked: by ranges of size, over one figure up to and including another, in mm. */
final class SizeRange {
    private SizeRange() {}

    /** The row of the range that holds the size; empty for one that the table has no range for. */
    static Optional<Row> rowOf(Table table, Length size) {
        return table.rows().stream()
                .filter(row -> size.compareTo(millimetres(row, "over_mm")) > 0
                        && size.compareTo(millimetres(row, "to_mm")) <= 0)
                .findFirst();
    }

    static Length millimetres(Row row, String column) {
        return Length.of(new BigDecimal(row.text(column)), LengthUnit.MILLIMETRE);
    }

    static Length micrometres(Row row, String column) {
        return Length.of(new BigDecimal(row.text(column)), LengthUnit.MICROMETRE);
    }
}
