package jawread.server.tabular;

import com.ibm.icu.text.Normalizer2;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.TableIn.NoTable;

/** The lines of a table, as they are read: no more, no wider and no longer than a table is. */
final class LinesRead {
    private static final int MOST_ROWS = 200_000;
    private static final int MOST_COLUMNS = 200;
    private static final int LONGEST_CELL = 4_000;

    /** What columns say again and again is short, and is not of many kinds. */
    private static final int OFTEN_SHORT = 40;

    private static final int OFTEN_KINDS = 10_000;

    private final List<Line> lines = new ArrayList<>();
    private final Map<String, String> often = new HashMap<>();

    /** Throws {@link NoTable}. @param cells as they stand; a line without a word is left out */
    void add(Stream<String> of, int line) {
        List<String> cells = of.map(this::plain).toList();
        if (cells.size() > MOST_COLUMNS) {
            throw new NoTable("table-columns", line);
        }
        if (cells.stream().anyMatch(cell -> cell.length() > LONGEST_CELL)) {
            throw new NoTable("table-cell", line);
        }
        if (cells.stream().allMatch(String::isEmpty)) {
            return;
        }
        if (lines.size() == MOST_ROWS) {
            throw new NoTable("table-rows", line);
        }
        lines.add(new Line(line, cells));
    }

    private String plain(String cell) {
        if (cell.length() > OFTEN_SHORT) {
            return read(cell);
        }
        String known = often.get(cell);
        if (known != null) {
            return known;
        }
        String read = read(cell);
        if (often.size() < OFTEN_KINDS) {
            often.put(cell, read);
        }
        return read;
    }

    /** Without the blanks around it, and without the mark that keeps a spreadsheet from running it. */
    private static String read(String cell) {
        return Separated.read(Normalizer2.getNFCInstance().normalize(cell).strip());
    }

    List<Line> all() {
        return List.copyOf(lines);
    }

    /** Of the last one; 0 before any. */
    int last() {
        return lines.isEmpty() ? 0 : lines.get(lines.size() - 1).number();
    }
}
