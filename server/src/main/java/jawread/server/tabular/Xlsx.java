package jawread.server.tabular;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Sheets as one workbook: real numbers with as many decimals as they have, times of UTC, heads that stay in sight. Text is never a formula. */
public final class Xlsx {
    private static final String TIME = "yyyy-mm-dd\"T\"hh:mm:ss\"Z\"";
    private static final int WIDEST = 60;
    private static final int LONGEST_CELL = 32_767;
    /** Then they are written out, and held no more. */
    private static final int ROWS_HELD = 1000;

    private Xlsx() {}

    /** @param version of the program that writes it: two numbers */
    public static void write(List<DataTable> tables, String version, OutputStream to) throws IOException {
        try (var book = new Workbook(to, "Jaw Read", version)) {
            for (DataTable table : tables) {
                write(table, book.newWorksheet(table.name()));
            }
        }
    }

    private static void write(DataTable table, Worksheet into) throws IOException {
        for (int column = 0; column < table.heads().size(); column++) {
            into.value(0, column, table.heads().get(column));
            into.width(column, wide(table, column));
        }
        into.range(0, 0, 0, Math.max(0, table.heads().size() - 1))
                .style()
                .bold()
                .set();
        into.freezePane(0, 1);
        int at = 1;
        for (List<Object> row : table.rows()) {
            for (int column = 0; column < row.size(); column++) {
                cell(into, at, column, row.get(column));
            }
            if (at % ROWS_HELD == 0) {
                into.flush();
            }
            at++;
        }
        into.finish();
    }

    private static void cell(Worksheet into, int row, int column, Object cell) {
        if (cell instanceof BigDecimal number) {
            into.value(row, column, number);
            into.style(row, column)
                    .format(number.scale() > 0 ? "0." + "0".repeat(number.scale()) : "0")
                    .set();
        } else if (cell instanceof Instant time) {
            into.value(row, column, time.atZone(ZoneOffset.UTC).toLocalDateTime());
            into.style(row, column).format(TIME).set();
        } else if (cell != null) {
            String text = cell.toString();
            into.value(row, column, text.substring(0, Math.min(text.length(), LONGEST_CELL)));
        }
    }

    private static double wide(DataTable table, int column) {
        int widest = table.heads().get(column).length();
        for (List<Object> row : table.rows()) {
            Object cell = row.get(column);
            widest = Math.max(
                    widest,
                    cell instanceof Instant
                            ? 20
                            : cell == null ? 0 : cell.toString().length());
        }
        return Math.min(WIDEST, widest) + 2.0;
    }
}
