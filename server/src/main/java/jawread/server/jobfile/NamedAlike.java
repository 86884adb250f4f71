package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import jawread.server.jobfile.JobFileView.NamedAlikeView;
import jawread.server.tables.Column;
import jawread.server.tables.Table;
import tools.jackson.databind.JsonNode;

/** The gauges, masters and people of a file that this shop knows by the same number or name. */
final class NamedAlike {
    /** What a gauge or a master is told apart by; what else it says may have changed since. */
    private static final Map<String, List<String>> MUST_BE_ALIKE = Map.of(
            Section.GAUGE, List.of("kind", "unit", "base_pm", "range_low_pm", "range_high_pm", "step_pm"),
            Section.MASTER, List.of("kind", "unit", "size_pm"),
            Section.PERSON, List.of());

    private static final int LONGEST_NUMBER = 20;
    private static final int LONGEST_NAME = 60;

    private final Connection connection;
    private final Map<String, Table> tables;

    NamedAlike(Connection connection, Map<String, Table> tables) {
        this.connection = connection;
        this.tables = tables;
    }

    /**
     * One of them.
     *
     * @param inFile its number there
     * @param here the number of its row here
     */
    record Pair(Section section, int inFile, long here, NamedAlikeView view) {
        /** As it is named in an answer: {@code gauge:M3}. */
        String code() {
            return view.what() + ":" + view.name();
        }
    }

    private static boolean isNamed(Section section) {
        return MUST_BE_ALIKE.containsKey(section.table());
    }

    /** The column that it is named by. */
    static String by(Section section) {
        return section.table().equals(Section.PERSON) ? "name" : "shop_number";
    }

    static String nameOf(Section section, JsonNode row) {
        return row.path(section.table().equals(Section.PERSON) ? "name" : "shopNumber")
                .asString("");
    }

    List<Pair> all(List<Section> sections, JobFile file) throws SQLException {
        var named = new ArrayList<Pair>();
        for (Section section : sections) {
            if (isNamed(section)) {
                named.addAll(of(section, file));
            }
        }
        return named;
    }

    private List<Pair> of(Section section, JobFile file) throws SQLException {
        var found = new ArrayList<Pair>();
        List<JsonNode> rows = file.rows(section);
        for (int i = 0; i < rows.size(); i++) {
            JsonNode row = rows.get(i);
            Optional<Map<String, Object>> here = find(section, nameOf(section, row));
            if (here.isPresent()) {
                found.add(pair(section, i + 1, row, here.get()));
            }
        }
        return found;
    }

    private Optional<Map<String, Object>> find(Section section, String name) throws SQLException {
        Table table = tables.get(section.table());
        try (var query = connection.prepareStatement(
                "SELECT " + table.names() + " FROM " + table.name() + " WHERE LOWER(" + by(section) + ") = ?")) {
            query.setString(1, name.toLowerCase(Locale.ROOT));
            try (ResultSet found = query.executeQuery()) {
                return found.next() ? Optional.of(table.cells(found, column -> true)) : Optional.empty();
            }
        }
    }

    private Pair pair(Section section, int inFile, JsonNode row, Map<String, Object> here) throws SQLException {
        Table table = tables.get(section.table());
        boolean canBeSame = MUST_BE_ALIKE.get(section.table()).stream().allMatch(name -> {
            Column column = table.columns().stream()
                    .filter(each -> each.name().equals(name))
                    .findFirst()
                    .orElseThrow();
            JsonNode there = row.get(Section.member(column));
            return Objects.equals(there == null ? null : there.asString(""), asText(here.get(name)));
        });
        var there = new HashMap<String, Object>();
        row.properties()
                .forEach(each -> there.put(each.getKey(), each.getValue().asString("")));
        return new Pair(
                section,
                inFile,
                Long.parseLong(here.get("id").toString()),
                new NamedAlikeView(
                        section.table(),
                        nameOf(section, row),
                        called(section, there),
                        called(section, here),
                        canBeSame,
                        free(section, nameOf(section, row))));
    }

    private static String asText(Object value) {
        return value == null ? null : value.toString();
    }

    /** What says a little more of it than its number. */
    private static String called(Section section, Map<String, Object> cells) {
        String more = section.table().equals(Section.PERSON)
                ? "does"
                : section.table().equals(Section.GAUGE) ? "name" : "kind";
        return Objects.toString(cells.get(more), "").toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The first name after it that nobody has. */
    private String free(Section section, String name) throws SQLException {
        int most = section.table().equals(Section.PERSON) ? LONGEST_NAME : LONGEST_NUMBER;
        for (int number = 2; ; number++) {
            String end = "-" + number;
            String other = name.substring(0, Math.min(name.length(), most - end.length())) + end;
            if (find(section, other).isEmpty()) {
                return other;
            }
        }
    }
}
