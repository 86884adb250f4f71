package jawread.server.intake;

import java.util.List;
import jawread.server.job.Job;

/**
 * A table with what was understood of it.
 *
 * @param figures in the order of its rows
 * @param sha256 of the file
 */
record Understood(Job job, ReadColumns columns, List<RowsRead.Figure> figures, String sha256) {
    List<RowsRead.Figure> good() {
        return figures.stream().filter(RowsRead.Figure::isGood).toList();
    }

    List<RowsRead.Figure> bad() {
        return figures.stream().filter(figure -> !figure.isGood()).toList();
    }
}
