package jawread.server.plan;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * What was understood of a pasted table, before anything of it is kept.
 *
 * @param title lines of a title block that stood above it
 * @param columns what each column of it was taken for: the name of a typed field, or empty where it was left out
 * @param rows each a feature
 */
public record PastedView(List<TitleLineView> title, List<String> columns, List<PastedRowView> rows) {
    /**
     * @param line of the pasted text, from 1
     * @param field of a job's head, or the name of a setting
     * @param word that it is called by in a file
     * @param value as the head would have it
     * @param now what the job says of it
     * @param refused why it cannot be; absent where it can
     */
    public record TitleLineView(
            int line,
            String field,
            String word,
            String said,
            String value,
            String now,
            @Nullable String refused) {}

    /** @param line of the pasted text, from 1 */
    public record PastedRowView(int line, PlannedView feature) {}
}
