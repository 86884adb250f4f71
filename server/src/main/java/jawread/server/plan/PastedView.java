package jawread.server.plan;

import java.util.List;

/**
 * What was understood of a pasted table, before anything of it is kept.
 *
 * @param columns what each column of it was taken for: the name of a typed field, or empty where it was left out
 * @param rows each a feature
 */
public record PastedView(List<String> columns, List<PastedRowView> rows) {
    /** @param line of the pasted text, from 1 */
    public record PastedRowView(int line, PlannedView feature) {}
}
