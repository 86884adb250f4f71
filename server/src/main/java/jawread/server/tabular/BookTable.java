package jawread.server.tabular;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.TableIn.NoTable;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;

/** The first sheet of a workbook, its figures with the decimals that it shows, its times in UTC. */
final class BookTable {
    private static final int HALF_A_SECOND = 500_000_000;
    private static final ReadingOptions WITH_FORMATS = new ReadingOptions(true, false);
    /** What a format only writes beside the figure: {@code 0.000 "mm"} is no month. */
    private static final Pattern WRITTEN_BESIDE = Pattern.compile("\"[^\"]*\"?|\\[[^\\]]*\\]|\\\\.");

    private BookTable() {}

    /** Throws {@link NoTable} for what is no workbook, and for one that unpacks to more than one does. */
    static List<Line> lines(byte[] file) {
        var lines = new LinesRead();
        try (var book = new ReadableWorkbook(new ByteArrayInputStream(Unpacked.checked(file)), WITH_FORMATS);
                Stream<Row> sheet = book.getFirstSheet().openStream()) {
            sheet.forEach(row -> lines.add(row.stream().map(BookTable::text), row.getRowNum()));
        } catch (NoTable none) {
            throw none;
        } catch (IOException | RuntimeException broken) {
            throw new NoTable("table-no-book", 0);
        }
        return lines.all();
    }

    private static String text(Cell cell) {
        if (cell == null) {
            return "";
        }
        if (cell.getType() == CellType.NUMBER) {
            return number(cell);
        }
        String text = cell.getText();
        return text == null ? "" : text;
    }

    /** As it is written down, not as a computer rounds it: 0.1 is 0.1. */
    private static String number(Cell cell) {
        String format = cell.getDataFormatString() == null
                ? ""
                : WRITTEN_BESIDE.matcher(cell.getDataFormatString()).replaceAll("");
        if (format.toLowerCase(Locale.ROOT).matches(".*[ymdhs].*")) {
            // A workbook keeps days and parts of them: a second is not told exactly.
            LocalDateTime time = cell.asDate().plusNanos(HALF_A_SECOND).truncatedTo(ChronoUnit.SECONDS);
            return time.toInstant(ZoneOffset.UTC).toString();
        }
        BigDecimal number = cell.asNumber();
        BigDecimal rounded = number.round(new java.math.MathContext(15)).stripTrailingZeros();
        int decimals = decimalsOf(format);
        return (rounded.scale() < decimals ? rounded.setScale(decimals) : rounded).toPlainString();
    }

    /** Those that a format always shows: {@code 0.000} has three. */
    private static int decimalsOf(String format) {
        int point = format.indexOf('.');
        int count = 0;
        while (point >= 0 && point + 1 + count < format.length() && format.charAt(point + 1 + count) == '0') {
            count++;
        }
        return count;
    }
}
