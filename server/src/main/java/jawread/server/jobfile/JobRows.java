package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Column;
import jawread.server.tables.Table;

/** The rows of a job as its file has them: with numbers of the file's own, which count from 1 in each section. */
final class JobRows {
    private final Connection connection;
    private final long job;
    private final Map<String, Table> tables;
    private final List<Section> sections;
    /** By table: what each number of the shop is in the file. */
    private final Map<String, Map<Long, Integer>> numbers = new HashMap<>();

    private JobRows(Connection connection, Map<String, Table> tables, long job) {
        this.connection = connection;
        this.job = job;
        this.tables = tables;
        this.sections = Section.all(tables);
    }

    /** @param tables of the shop, by name */
    static JobRows of(Connection connection, Map<String, Table> tables, long job) throws SQLException {
        var rows = new JobRows(connection, tables, job);
        rows.count();
        return rows;
    }

    private void count() throws SQLException {
        for (Section section : sections) {
            if (Section.isNumbered(tables.get(section.table()))) {
                var of = new HashMap<Long, Integer>();
                try (var statement = connection.createStatement();
                        var ids = statement.executeQuery("SELECT id FROM " + section.table() + " WHERE "
                                + section.which(job) + " ORDER BY " + section.order())) {
                    while (ids.next()) {
                        of.put(ids.getLong(1), of.size() + 1);
                    }
                }
                numbers.put(section.table(), of);
            }
        }
    }

    List<Section> sections() {
        return sections;
    }

    /** What the rows of a table that the file has under numbers are here; empty where they have no numbers. */
    Map<Integer, Long> numbersHere(String table) {
        var here = new HashMap<Integer, Long>();
        numbers.getOrDefault(table, Map.of()).forEach((id, inFile) -> here.put(inFile, id));
        return here;
    }

    /** The job's own row. */
    Map<String, Object> job() throws SQLException {
        var row = new ArrayList<Map<String, Object>>();
        Table table = tables.get(Section.JOB);
        table.each(
                connection, "id = " + job, cells -> row.add(inFile(table, table.cells(cells, Section::isTakenAlong))));
        Map<String, Object> only = row.get(0);
        only.remove("id");
        return only;
    }

    /** Hands over the rows of a section, in the file's order. */
    void each(Section section, Consumer<Map<String, Object>> with) throws SQLException {
        Table table = tables.get(section.table());
        if (!section.order().isEmpty()) {
            table.eachOrdered(
                    connection,
                    section.which(job),
                    section.order(),
                    row -> with.accept(inFile(table, table.cells(row, Section::isTakenAlong))));
            return;
        }
        var byText = new TreeMap<String, Map<String, Object>>();
        table.each(connection, section.which(job), row -> {
            Map<String, Object> cells = inFile(table, table.cells(row, Section::isTakenAlong));
            byText.put(CanonicalJson.of(cells), cells);
        });
        byText.values().forEach(with);
    }

    private Map<String, Object> inFile(Table table, Map<String, Object> cells) {
        var row = new TreeMap<String, Object>();
        for (Column column : table.columns()) {
            Object cell = cells.get(column.name());
            if (cell == null) {
                continue;
            }
            Optional<String> to = Section.isNumber(column) ? Optional.of(table.name()) : Section.pointsTo(column);
            row.put(Section.member(column), to.isPresent() ? number(to.get(), cell) : cell);
        }
        return row;
    }

    private Object number(String table, Object here) {
        Map<Long, Integer> of = numbers.get(table);
        return of == null ? here : of.get(Long.valueOf(here.toString()));
    }
}
