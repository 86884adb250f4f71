package jawread.server.tabular;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A table as text: CSV as RFC 4180 has it, or tab-separated for a clipboard. */
public final class Separated {
    /** What a spreadsheet would take for a formula. One mark before it says that it is text; one that it begins with is doubled. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final CSVFormat TABS = CSVFormat.TDF
            .builder()
            .setRecordSeparator("\n")
            .setIgnoreSurroundingSpaces(false)
            .get();

    private Separated() {}

    /** With CR LF, without a byte order mark. */
    public static String csv(DataTable table) {
        return written(List.of(), table, CSVFormat.RFC4180);
    }

    /** The same below lines of their own, with an empty one between. */
    public static String csv(List<List<Object>> above, DataTable table) {
        return written(above, table, CSVFormat.RFC4180);
    }

    public static String tabs(DataTable table) {
        return written(List.of(), table, TABS);
    }

    private static String written(List<List<Object>> above, DataTable table, CSVFormat format) {
        var text = new StringBuilder();
        try (var printer = new CSVPrinter(text, format)) {
            for (List<Object> line : above) {
                printer.printRecord(line.stream().map(Separated::cell).toList());
            }
            if (!above.isEmpty()) {
                printer.println();
            }
            printer.printRecord(table.heads());
            for (List<Object> row : table.rows()) {
                printer.printRecord(row.stream().map(Separated::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String cell(Object cell) {
        if (cell instanceof BigDecimal number) {
            return number.toPlainString();
        }
        String text = Objects.toString(cell, "");
        return cell instanceof String && FORMULA.matcher(text).matches() ? "'" + text : text;
    }

    /** A cell as it was before it was written. */
    public static String read(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
