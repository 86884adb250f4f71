package jawread.server.tabular;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;

/**
 * A table as somebody's spreadsheet has written it, read to texts: CSV, or the first sheet of a workbook. Rows without a word are left
 * out, and keep their line numbers.
 *
 * @param rows as they stand, the head among them
 */
public record TableIn(List<Line> rows) {
    /** Among so many lines the head is looked for. */
    private static final int LINES_LOOKED_AT = 20;

    private static final Pattern FIGURE = Pattern.compile("[+−-]?[\\d.,]*\\d[\\d.,/ ]*\\s*(mm|in|\")?");

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

    /** What other files begin with, and what they are. */
    private static final Map<String, String> OTHERS =
            Map.of("%PDF", "table-pdf", "{\"", "table-json", "[{", "table-json", "[\"", "table-json");

    /** As far as a file is looked into for that. */
    private static final int BEGINNING = 100;

    /** Throws {@link NoTable} for what is none, and for one with too many rows, columns or letters. */
    public static TableIn of(byte[] file) {
        String beginning = new String(file, 0, Math.min(file.length, BEGINNING), StandardCharsets.ISO_8859_1)
                .replaceAll("\\s", "");
        OTHERS.forEach((begins, what) -> {
            if (beginning.startsWith(begins)) {
                throw new NoTable(what, 0);
            }
        });
        boolean isBook = file.length > 1 && file[0] == 'P' && file[1] == 'K';
        List<Line> rows = isBook ? BookTable.lines(file) : TextTable.lines(file);
        if (rows.isEmpty()) {
            throw new NoTable("table-empty", 0);
        }
        return new TableIn(rows);
    }

    /** The same; what is none is refused with 422, with where and why. */
    public static TableIn orRefused(byte[] file, Words words) {
        try {
            return of(file);
        } catch (NoTable none) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    none.code(),
                    words.say("problem." + none.code(), Map.of("line", none.line())));
        }
    }

    /** Whether a cell is a figure, with or without its unit. */
    public static boolean isFigure(String cell) {
        return FIGURE.matcher(cell).matches();
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
            if (cells.stream().anyMatch(TableIn::isFigure)) {
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
