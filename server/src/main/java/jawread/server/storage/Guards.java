package jawread.server.storage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * What stands before the rows that are kept as they were. Whoever opened the shop's file with another program may have taken it away:
 * it is looked for at each start, made again, and said.
 */
@Component
public class Guards {
    private static final Logger LOG = LoggerFactory.getLogger(Guards.class);
    private static final String GUARD = "jawread.server.measure.InsertOnly";
    /** Each with the name that its guard bears. */
    static final List<String> GUARDED = List.of(
            "caution_tick",
            "comparator_setting",
            "cut_mark",
            "feature",
            "gauge_check",
            "gauge_event",
            "journal",
            "lesson_step",
            "look",
            "part_decision",
            "part_link",
            "part_warmth",
            "place",
            "place_mark",
            "practice_answer",
            "practice_set",
            "reading",
            "reading_figure",
            "reading_mark",
            "reading_move",
            "reading_swap",
            "ready_mark",
            "measuring_round",
            "size_said",
            "study",
            "trail",
            "trial");

    private final List<String> madeAgain = new ArrayList<>();

    Guards(JdbcTemplate database) {
        Set<String> standing = standing(database);
        for (String table : GUARDED) {
            if (!standing.contains(table)) {
                madeAgain.add(table);
                database.execute("DROP TRIGGER IF EXISTS " + guard(table));
                database.execute("CREATE TRIGGER " + guard(table) + " BEFORE UPDATE, DELETE ON " + table
                        + " FOR EACH ROW CALL \"" + GUARD + "\"");
                LOG.warn(
                        "The guard of the table {} was gone, and was made again: somebody opened the file otherwise",
                        table);
            }
        }
    }

    private static String guard(String table) {
        return (table.equals("measuring_round") ? "round" : table) + "_is_insert_only";
    }

    /** Tables whose updates and deletions are both refused by the right class. */
    private static Set<String> standing(JdbcTemplate database) {
        record Standing(String table, String event) {}
        Set<Standing> all = database
                .query(
                        "SELECT LOWER(event_object_table), event_manipulation FROM information_schema.triggers"
                                + " WHERE trigger_schema = 'PUBLIC' AND java_class = ? AND action_timing = 'BEFORE'"
                                + " AND action_orientation = 'ROW'",
                        (row, index) -> new Standing(row.getString(1), row.getString(2)),
                        GUARD)
                .stream()
                .collect(Collectors.toSet());
        var whole = new TreeSet<String>();
        for (Standing each : all) {
            if (all.stream()
                            .anyMatch(other -> other.table().equals(each.table())
                                    && other.event().contains("UPDATE"))
                    && all.stream()
                            .anyMatch(other -> other.table().equals(each.table())
                                    && other.event().contains("DELETE"))) {
                whole.add(each.table());
            }
        }
        return whole;
    }

    /** Tables whose guard was gone when the shop was opened. */
    public List<String> madeAgain() {
        return List.copyOf(madeAgain);
    }
}
