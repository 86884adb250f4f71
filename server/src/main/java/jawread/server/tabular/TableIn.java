package jawread.server.tabular;

import com.ibm.icu.text.Normalizer2;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;

/**
 * A table as somebody's spreadsheet has written it, read to texts: CSV with a comma, a semicolon or tabs, in UTF-8, UTF-16 or
 * Windows-1252, with any line ends; or the first sheet of a workbook. Rows without a word are left out, and keep their line numbers.
 *
 * @param rows as they stand, the head among them
 */
public record TableIn(List<Line> rows) {
    private static final int MOST_ROWS = 200_000;
    private static final int MOST_COLUMNS = 200;
    private static final int LONGEST_CELL = 4_000;
    /** Of so many lines that the text begins with the delimiter is told. */
    private static final int LINES_LOOKED_AT = 20;

    private static final int HALF_A_SECOND = 500_000_000;

    private static final Pattern FIGURE = Pattern.compile("[+−-]?[\\d.,]*\\d[\\d.,/ ]*\\s*(mm|in|\")?");

    private static final ReadingOptions WITH_FORMATS = new ReadingOptions(true, false);
    /** What a format only writes beside the figure: {@code 0.000 "mm"} is no month. */
    private static final Pattern WRITTEN_BESIDE = Pattern.compile("\"[^\"]*\"?|\\[[^\\]]*\\]|\\\\.");

    private static final Charset WESTERN = Charset.forName("windows-1252");

    /** @param number of the line in the file, from 1 */
    public record Line(int number, List<String> cells) {
        /** Empty beyond its end. */
        public String cell(int at) {
            return at < cells.size() ? cells.get(at) : "";
        }
    }

    /** That a file is no table that can be read, and where. */
    public static final class NoTable extends RuntimeException {
        private final String code;
        private final int line;

        NoTable(String code, int line) {
            super(code + " " + line, null, false, false);
            this.code = code;
            this.line = line;
        }

        public String code() {
            return code;
        }

        /** 0 where it is the whole file. */
        public int line() {
            return line;
        }
    }

    /** Throws {@link NoTable} for what is none, and for one with too many rows, columns or letters. */
    public static TableIn of(byte[] file) {
        boolean isBook = file.length > 1 && file[0] == 'P' && file[1] == 'K';
        List<Line> rows = isBook ? book(file) : text(decoded(file));
        if (rows.isEmpty()) {
            throw new NoTable("table-empty", 0);
        }
        return new TableIn(rows);
    }

    /** Of text that was pasted. */
    public static TableIn ofText(String text) {
        return new TableIn(text(text));
    }

    private static String decoded(byte[] file) {
        if (startsWith(file, 0xFF, 0xFE)) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16LE);
        }
        if (startsWith(file, 0xFE, 0xFF)) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16BE);
        }
        int from = startsWith(file, 0xEF, 0xBB, 0xBF) ? 3 : 0;
        ByteBuffer bytes = ByteBuffer.wrap(file, from, file.length - from);
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(bytes).toString();
        } catch (CharacterCodingException older) {
            return new String(file, WESTERN);
        }
    }

    private static boolean startsWith(byte[] file, int... marks) {
        for (int i = 0; i < marks.length; i++) {
            if (file.length <= i || (file[i] & 0xFF) != marks[i]) {
                return false;
            }
        }
        return true;
    }

    private static List<Line> text(String text) {
        int bad = firstThatIsNoText(text);
        if (bad >= 0) {
            throw new NoTable(
                    "table-no-text",
                    1
                            + (int) text.substring(0, bad)
                                    .chars()
                                    .filter(each -> each == '\n')
                                    .count());
        }
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(false)
                .setLenientEof(true)
                .setTrailingData(true)
                .get();
        var rows = new ArrayList<Line>();
        try (var parser = format.parse(new StringReader(text))) {
            for (CSVRecord each : parser) {
                add(
                        each.stream().map(TableIn::plain).toList(),
                        (int) lineOf(each, parser.getCurrentLineNumber()),
                        rows);
            }
        } catch (IOException | UncheckedIOException broken) {
            throw new NoTable(
                    "table-broken",
                    rows.isEmpty() ? 1 : rows.get(rows.size() - 1).number() + 1);
        }
        return rows;
    }

    /** Where a record begins, of which the parser has seen the last line. */
    private static long lineOf(CSVRecord of, long last) {
        long within = of.stream()
                .mapToLong(cell -> cell.chars().filter(each -> each == '\n').count())
                .sum();
        return Math.max(1, last - within);
    }

    private static int firstThatIsNoText(String text) {
        for (int i = 0; i < text.length(); i++) {
            char at = text.charAt(i);
            if (Character.getType(at) == Character.CONTROL && at != '\t' && at != '\n' && at != '\r') {
                return i;
            }
        }
        return -1;
    }

    private static void add(List<String> cells, int line, List<Line> rows) {
        if (cells.size() > MOST_COLUMNS) {
            throw new NoTable("table-columns", line);
        }
        if (cells.stream().anyMatch(cell -> cell.length() > LONGEST_CELL)) {
            throw new NoTable("table-cell", line);
        }
        if (cells.stream().allMatch(String::isEmpty)) {
            return;
        }
        if (rows.size() == MOST_ROWS) {
            throw new NoTable("table-rows", line);
        }
        rows.add(new Line(line, cells));
    }

    /** Without the blanks around it, and without the mark that keeps a spreadsheet from running it. */
    private static String plain(String cell) {
        return Separated.read(Normalizer2.getNFCInstance().normalize(cell).strip());
    }

    /** Tabs where there are any; else what parts most lines alike. A comma may be a decimal mark, so that a semicolon goes before it. */
    private static char delimiter(String text) {
        List<String> first = text.lines()
                .filter(line -> !line.isBlank())
                .limit(LINES_LOOKED_AT)
                .toList();
        return Stream.of('\t', ';', ',')
                .filter(mark ->
                        first.stream().filter(line -> line.indexOf(mark) >= 0).count() * 2 >= first.size()
                                && !first.isEmpty())
                .findFirst()
                .orElse(text.indexOf('\t') >= 0 ? '\t' : text.indexOf(';') >= 0 ? ';' : ',');
    }

    private static List<Line> book(byte[] file) {
        var rows = new ArrayList<Line>();
        try (var book = new ReadableWorkbook(new ByteArrayInputStream(Unpacked.checked(file)), WITH_FORMATS);
                Stream<Row> sheet = book.getFirstSheet().openStream()) {
            sheet.forEach(row ->
                    add(row.stream().map(TableIn::text).map(TableIn::plain).toList(), row.getRowNum(), rows));
        } catch (NoTable none) {
            throw none;
        } catch (IOException | RuntimeException broken) {
            throw new NoTable("table-no-book", 0);
        }
        return rows;
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

    /**
     * The row that its columns are named by: before the first with a figure, the one with most words that are known, else the last with
     * more than one word. Negative where there is none.
     *
     * @param known whether a word names a column
     */
    public int head(Predicate<String> known) {
        int best = -1;
        long most = 0;
        for (int at = 0; at < Math.min(LINES_LOOKED_AT, rows.size()); at++) {
            List<String> cells = rows.get(at).cells();
            if (cells.stream().anyMatch(cell -> FIGURE.matcher(cell).matches())) {
                break;
            }
            long words = cells.stream().filter(known).count();
            long all = cells.stream().filter(cell -> !cell.isEmpty()).count();
            if (words >= most && (words > 0 || all > 1)) {
                most = words;
                best = at;
            }
        }
        return best;
    }

    /** How many columns it has. */
    public int columns() {
        return rows.stream()
                .map(row -> row.cells().size())
                .max(Comparator.naturalOrder())
                .orElse(0);
    }
}
