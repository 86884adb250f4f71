package jawread.server.chain;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jawread.server.tables.Table;

/**
 * Chains the lines that were written before there was a chain, and adds lines that hold the digest of each row that was there: from
 * then on, a change of those is seen, too. Whatever was changed until then is not.
 */
public final class ChainedBefore {
    /** What such lines are called in the journal. */
    public static final String WHAT = "BEFORE";

    private static final String SINCE = "before the chain";
    private static final int ROWS_A_LINE = 500;

    private final Connection shop;
    private String last = Line.NONE;
    private long lines;
    private long ofTheShop;

    private ChainedBefore(Connection shop) {
        this.shop = shop;
    }

    /** Called by the migration. @param shop in the middle of it */
    public static void chain(Connection shop) throws SQLException {
        var chained = new ChainedBefore(shop);
        chained.lines();
        chained.rows();
        Line.end(shop, chained.lines, chained.last);
    }

    private void lines() throws SQLException {
        var old = new ArrayList<Line>();
        try (var statement = shop.createStatement();
                var rows = statement.executeQuery("SELECT id, job_id, seq, what, at FROM journal ORDER BY id")) {
            while (rows.next()) {
                old.add(new Line(
                        rows.getLong(1),
                        rows.getLong(2),
                        rows.getLong(3),
                        rows.getString(4),
                        rows.getObject(5, OffsetDateTime.class).toInstant(),
                        Optional.empty()));
            }
        }
        try (PreparedStatement update =
                shop.prepareStatement("UPDATE journal SET form = ?, told = ?, sha256 = ? WHERE id = ?")) {
            for (Line line : old) {
                Line.Linked linked = line.link(last, Map.of("since", SINCE));
                update.setInt(1, Line.FORM);
                update.setString(2, linked.told());
                update.setString(3, linked.sha256());
                update.setLong(4, line.id());
                update.addBatch();
                last = linked.sha256();
                lines = line.id();
            }
            update.executeBatch();
        }
    }

    private void rows() throws SQLException {
        for (Table table : ToldRows.of(Table.all(shop)).tables()) {
            Map<String, String> digests = new TreeMap<>();
            List<String> columns = new ArrayList<>();
            table.each(shop, row -> {
                Map<String, Object> cells = ToldRows.cells(table, row);
                columns.clear();
                columns.addAll(cells.keySet());
                digests.put(ToldRows.key(table, cells), ToldRows.digest(cells));
                if (digests.size() == ROWS_A_LINE) {
                    add(Line.digests(table.name(), columns, digests));
                    digests.clear();
                }
            });
            if (!digests.isEmpty()) {
                add(Line.digests(table.name(), columns, digests));
            }
        }
    }

    private void add(Map<String, Object> digests) throws SQLException {
        var line = new Line(
                ++lines,
                Line.SHOP,
                ++ofTheShop,
                WHAT,
                Instant.now().truncatedTo(java.time.temporal.ChronoUnit.MICROS),
                Optional.empty());
        Line.Linked linked = line.link(last, Map.of("since", SINCE, "digests", List.of(digests)));
        line.write(shop, linked);
        last = linked.sha256();
    }
}
