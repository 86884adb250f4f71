package jawread.server.plan;

import java.util.stream.Collectors;
import jawread.server.tabular.TableIn;
import jawread.server.tabular.TableIn.Line;
import jawread.server.words.Words;

/** A spreadsheet's file as text with tabs, line by line as it stands there. */
final class TableText {
    private TableText() {}

    /** Refuses with 422 what is no table, with where and why. */
    static String of(byte[] file, Words words) {
        TableIn table = TableIn.orRefused(file, words);
        var text = new StringBuilder();
        int line = 1;
        for (Line row : table.rows()) {
            text.append("\n".repeat(Math.max(0, row.number() - line)));
            line = Math.max(line, row.number());
            text.append(row.cells().stream()
                    .map(cell -> cell.replaceAll("[\t\r\n]+", " "))
                    .collect(Collectors.joining("\t")));
        }
        return text.toString();
    }
}
