package jawread.server.intake;

import java.util.List;
import jawread.server.job.Job;

/**
 * A table with what was understood of it.
 *
 * @param rows in the order of its rows
 * @param sha256 of the file
 */
record Understood(Job job, ReadColumns columns, List<RowRead> rows, String sha256) {
    List<RowRead> good() {
        return rows.stream().filter(RowRead::isGood).toList();
    }

    List<RowRead> bad() {
        return rows.stream().filter(row -> !row.isGood()).toList();
    }
}
