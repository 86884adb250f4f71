package jawread.server.records;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jawread.server.tables.ShopTables;
import jawread.server.tables.Table;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * The rows that a record rests on, as they stand in the tables. None of these is ever changed by the program: one that differs later was
 * changed behind its back.
 */
@Component
class FrozenRows {
    private static final String READINGS = "(SELECT id FROM reading WHERE job_id = :job)";
    private static final String PARTS =
            "(SELECT p.id FROM part p JOIN plan l ON l.id = p.plan_id WHERE l.job_id = :job)";
    private static final String GAUGES = "(SELECT gauge_id FROM reading WHERE job_id = :job"
            + " UNION SELECT reader_id FROM reading WHERE job_id = :job AND reader_id IS NOT NULL)";

    /** Which rows of each table, by the job. */
    private static final Map<String, String> OF_A_JOB = new LinkedHashMap<>();

    static {
        OF_A_JOB.put("reading", "job_id = :job");
        OF_A_JOB.put("reading_figure", "reading_id IN " + READINGS);
        OF_A_JOB.put("reading_mark", "reading_id IN " + READINGS);
        OF_A_JOB.put("reading_move", "job_id = :job");
        OF_A_JOB.put("reading_swap", "part_id IN " + PARTS);
        OF_A_JOB.put("measuring_round", "part_id IN " + PARTS);
        OF_A_JOB.put("place_mark", "part_id IN " + PARTS);
        OF_A_JOB.put("cut_mark", "part_id IN " + PARTS);
        OF_A_JOB.put("size_said", "part_id IN " + PARTS);
        OF_A_JOB.put("part_warmth", "part_id IN " + PARTS);
        OF_A_JOB.put("part_decision", "part_id IN " + PARTS);
        OF_A_JOB.put("look", "part_id IN " + PARTS);
        OF_A_JOB.put("caution_tick", "job_id = :job");
        OF_A_JOB.put(
                "feature",
                "id IN (SELECT f.feature_id FROM plan_feature f JOIN plan_revision r ON r.id = f.plan_revision_id"
                        + " JOIN plan l ON l.id = r.plan_id WHERE l.job_id = :job)");
        OF_A_JOB.put("gauge_check", "gauge_id IN " + GAUGES);
        OF_A_JOB.put("comparator_setting", "gauge_id IN " + GAUGES);
    }

    private final JdbcTemplate database;
    private final ShopTables tables;

    FrozenRows(JdbcTemplate database, ShopTables tables) {
        this.database = database;
        this.tables = tables;
    }

    /** Each row as its cells, by table; empty cells are left out. */
    Map<String, List<Map<String, Object>>> of(long job) {
        return database.execute((ConnectionCallback<Map<String, List<Map<String, Object>>>>) connection -> {
            Map<String, Table> all = tables.of(connection);
            var frozen = new TreeMap<String, List<Map<String, Object>>>();
            for (var each : OF_A_JOB.entrySet()) {
                Table table = all.get(each.getKey());
                var rows = new ArrayList<Map<String, Object>>();
                table.each(
                        connection,
                        each.getValue().replace(":job", Long.toString(job)),
                        row -> rows.add(table.cells(row, column -> true)));
                frozen.put(table.name(), List.copyOf(rows));
            }
            return frozen;
        });
    }
}
