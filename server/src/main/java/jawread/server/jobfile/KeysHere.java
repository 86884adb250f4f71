package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import jawread.server.tables.Table;
import tools.jackson.databind.JsonNode;

/** Which UUIDs of a file are here: asked for many rows at once. */
final class KeysHere {
    private static final int ROWS_AT_ONCE = 500;
    private static final Pattern UUID_FORM = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");

    private KeysHere() {}

    /** Whether a UUID tells the rows of a table apart. */
    static boolean has(Table table) {
        return table.key().equals(List.of("id")) && !Section.isNumbered(table);
    }

    /** Those of the rows that are in the table; what is no UUID is none of them. */
    static Set<String> of(Connection connection, Table table, List<JsonNode> rows) throws SQLException {
        var here = new HashSet<String>();
        try (PreparedStatement query =
                connection.prepareStatement("SELECT id FROM " + table.name() + " WHERE id = ANY(?)")) {
            for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
                query.setObject(
                        1,
                        rows.subList(from, Math.min(rows.size(), from + ROWS_AT_ONCE)).stream()
                                .map(row -> row.path("id").asString(""))
                                .filter(id -> UUID_FORM.matcher(id).matches())
                                .map(UUID::fromString)
                                .toArray());
                try (ResultSet found = query.executeQuery()) {
                    while (found.next()) {
                        here.add(found.getString(1));
                    }
                }
            }
        }
        return here;
    }
}
