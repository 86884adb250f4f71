package jawread.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * One CSV of cases: RFC 4180, a header row, {@code id} first. Read from the folder in the system property
 * {@code jawread.vectors}, else from the copy carried in the project.
 */
public final class VectorFile {
    private final String topic;
    private final List<String> columns;
    private final List<VectorRow> rows;

    private VectorFile(String topic, List<String> columns, List<VectorRow> rows) {
        this.topic = topic;
        this.columns = List.copyOf(columns);
        this.rows = rows;
    }

    /** Fails when the file is not there, has no rows, or has other columns, or in another order, than the test understands. */
    public static VectorFile of(String topic, String... columns) {
        VectorFile file = withAnyColumns(topic);
        var expected = new ArrayList<>(List.of("id"));
        expected.addAll(List.of(columns));
        assertThat(file.columns).as("columns of %s.csv", topic).containsExactlyElementsOf(expected);
        return file;
    }

    /** Fails when the file is not there or has no rows; whether its columns are understood is for the test to ask. */
    public static VectorFile withAnyColumns(String topic) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader = open(topic);
                var parser = format.parse(reader)) {
            List<VectorRow> rows = parser.stream().map(VectorRow::new).toList();
            assertThat(rows).as("rows of %s.csv", topic).isNotEmpty();
            return new VectorFile(topic, parser.getHeaderNames(), rows);
        } catch (IOException e) {
            return fail(topic + ".csv cannot be read", e);
        }
    }

    private static Reader open(String topic) throws IOException {
        String folder = System.getProperty("jawread.vectors");
        InputStream stream = folder == null
                ? VectorFile.class.getResourceAsStream("/vectors/" + topic + ".csv")
                : Files.newInputStream(folder(folder).resolve(topic + ".csv"));
        if (stream == null) {
            throw new IOException("no /vectors/" + topic + ".csv among the test resources");
        }
        return new InputStreamReader(stream, StandardCharsets.UTF_8);
    }

    /** As named; a folder relative to where the build was started lies one level above this module. */
    private static Path folder(String named) {
        return Files.isDirectory(Path.of(named))
                ? Path.of(named)
                : Path.of("..").resolve(named);
    }

    /** As the file has them, {@code id} first. */
    public List<String> columns() {
        return columns;
    }

    public List<VectorRow> rows() {
        return rows;
    }

    /** Runs every row, reports all that fail together, and prints how many there were. */
    public void runAll(Consumer<VectorRow> test) {
        var failures = new ArrayList<String>();
        for (VectorRow row : rows) {
            try {
                test.accept(row);
            } catch (AssertionError | RuntimeException e) {
                failures.add(row.id() + ": " + e.getMessage());
            }
        }
        System.out.println(topic + ": " + rows.size() + " rows");
        assertThat(failures).as("rows of %s.csv that fail", topic).isEmpty();
    }

    /** One case. A column that is not there, or a word that is not expected, is a failure and never skipped. */
    public static final class VectorRow {
        private final CSVRecord csv;

        private VectorRow(CSVRecord csv) {
            this.csv = csv;
            assertThat(csv.isConsistent())
                    .as("row %s has a cell for each column", csv.getRecordNumber())
                    .isTrue();
        }

        public String id() {
            return csv.get("id");
        }

        public String get(String column) {
            return csv.get(column);
        }

        public boolean has(String column) {
            return !csv.get(column).isEmpty();
        }

        public boolean yes(String column) {
            return switch (csv.get(column)) {
                case "yes" -> true;
                case "no" -> false;
                default ->
                    throw new IllegalArgumentException(column + " is \"" + csv.get(column) + "\", not yes or no");
            };
        }

        @Override
        public String toString() {
            return csv.toMap().toString();
        }
    }
}
