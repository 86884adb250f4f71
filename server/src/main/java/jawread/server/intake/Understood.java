package jawread.server.intake;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.job.Job;
import jawread.server.measure.KeepReading;
import jawread.server.words.Refused;

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

    /** Of the good rows. */
    List<KeepReading> readings() {
        return rows.stream()
                .filter(RowRead::isGood)
                .flatMap(row -> row.reading().stream())
                .toList();
    }

    /** The same with refusals of readings, by their ids. */
    Understood refused(Map<UUID, Refused> refusals) {
        return new Understood(
                job,
                columns,
                rows.stream()
                        .map(row -> row.reading()
                                .map(reading -> refusals.get(reading.id()))
                                .map(refusal -> row.refused(-1, refusal.sentence()))
                                .orElse(row))
                        .toList(),
                sha256);
    }

    List<RowRead> bad() {
        return rows.stream().filter(row -> !row.isGood()).toList();
    }
}
