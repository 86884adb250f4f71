package jawread.server.storage;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * A shop as an earlier program left it, among the test resources: its file, and beside it what it held, written down by that
 * program. Every later program opens it and is held to those figures.
 */
public record KeptShop(String name) {
    static final Path FOLDER = Path.of("src/test/resources/shops");
    private static final String FILE = ".mv.db.gz";
    private static final String HELD = ".held.txt";

    /** Everything of each table that somebody read, typed or decided. A migration that renames a column says so here. */
    private static final Map<String, String> FIGURES = new TreeMap<>(Map.ofEntries(
            Map.entry(
                    "reading",
                    "id, job_id, seq, part_id, place_id, gauge_id, reader_id, person_id, origin, typed, stops_typed, parts, base_pm,"
                            + " raw_pm, correction_pm, thermal_pm, resolution_pm, least_count_pm, spread_pm, goes_pm, stops_pm,"
                            + " unit, quick, setting_id, warmth_id, taken_at"),
            Map.entry(
                    "reading_figure",
                    "id, reading_id, number, gauge_id, reader_id, typed, base_pm, raw_pm, correction_pm, thermal_pm, resolution_pm,"
                            + " spread_pm, unit, setting_id"),
            Map.entry("practice_set", "id, person_id, scales, level, only_slip, to_set, heard, seed, items"),
            Map.entry(
                    "practice_answer",
                    "id, set_id, number, scale_id, aimed, typed, parts, answer_pm, outcome, slips, took_ms"),
            Map.entry("lesson_step", "id, person_id, unit, step"),
            Map.entry("measuring_round", "id, part_id, feature_id, number, asked_typed, asked_pm"),
            Map.entry("reading_mark", "id, reading_id, kind, reason, corrected_pm, check_id, slip"),
            Map.entry("reading_swap", "id, one_id, other_id, reason"),
            Map.entry("place_mark", "id, part_id, place_id, round_number, kind, reason"),
            Map.entry("size_said", "id, part_id, feature_id, round_id, to_pm, reason"),
            Map.entry("cut_mark", "id, round_id, kind, reason"),
            Map.entry("part_link", "id, one_id, other_id, said, reason"),
            Map.entry("reading_move", "id, move_id, reading_id, part_id, place_id, reason"),
            Map.entry("part_decision", "id, part_id, said, decided, reason"),
            Map.entry("look", "id, part_id, feature_id, found, note"),
            Map.entry("feature", "id, feature_key, plan_id, name, low_pm, high_pm, as_typed, title_block"),
            Map.entry("place", "id, feature_id, name, depth_pm, section, axis, angle_degrees, part_id"),
            Map.entry("gauge", "id, shop_number, kind, scale_id, base_pm, range_low_pm, range_high_pm, state"),
            Map.entry("gauge_check", "id, gauge_id, found_pm, left_pm, done, at"),
            Map.entry("gauge_event", "id, gauge_id, kind, words"),
            Map.entry("master", "id, shop_number, kind, size_pm, blocks"),
            Map.entry("trial", "id, gauge_id, readings_pm"),
            Map.entry("study", "id, gauge_id, people, readings_pm"),
            Map.entry("comparator_setting", "id, gauge_id, size_pm, u_pm, sense, returned"),
            Map.entry("part_warmth", "id, part_id, part_temperature, gauge_temperature"),
            Map.entry("ready_mark", "id, job_id, card, reason"),
            Map.entry("part", "id, plan_id, name, mark, running_hours"),
            Map.entry("job", "id, name, unit, limits_source"),
            Map.entry("person", "id, name, does")));

    public static List<KeptShop> all() {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(file -> file.endsWith(FILE))
                    .sorted()
                    .map(file -> new KeptShop(file.substring(0, file.length() - FILE.length())))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Puts its file into a folder, as the shop's there. */
    public ShopFile unpackInto(Path folder) throws IOException {
        var shop = new ShopFile(folder);
        try (InputStream packed = new GZIPInputStream(Files.newInputStream(FOLDER.resolve(name + FILE)))) {
            Files.copy(packed, shop.path(), StandardCopyOption.REPLACE_EXISTING);
        }
        return shop;
    }

    /** Keeps a shop that is closed among the resources, with what it holds. */
    void keep(ShopFile shop) throws IOException, SQLException {
        shop.compact();
        Files.write(FOLDER.resolve(name + HELD), held(shop));
        try (var packed = new GZIPOutputStream(Files.newOutputStream(FOLDER.resolve(name + FILE)))) {
            Files.copy(shop.path(), packed);
        }
    }

    /** What the program that made it wrote down. */
    public List<String> held() throws IOException {
        return Files.readAllLines(FOLDER.resolve(name + HELD));
    }

    /** A line for each table with its count of rows, and one for each row with all that was read or decided. */
    public static List<String> held(ShopFile shop) throws SQLException {
        var lines = new ArrayList<String>();
        try (Connection connection = shop.open()) {
            for (String table : tables(connection)) {
                lines.add(table + ": "
                        + column(connection, "SELECT COUNT(*) FROM " + table + inEveryProgram(table))
                                .get(0)
                        + " rows");
            }
            List<String> there = tables(connection);
            for (Map.Entry<String, String> figures : FIGURES.entrySet()) {
                if (!there.contains(figures.getKey())) {
                    // A shop of an earlier schema has no such table.
                    continue;
                }
                String cells = Stream.of(figures.getValue().split(", "))
                        .map(cell -> "'" + cell + "=' || COALESCE(CAST(" + cell + " AS VARCHAR), '-')")
                        .collect(Collectors.joining(" || ' | ' || "));
                column(connection, "SELECT " + cells + " FROM " + figures.getKey() + " ORDER BY id")
                        .forEach(row -> lines.add(figures.getKey() + " " + row.replace('\n', ' ')));
            }
        }
        return lines;
    }

    /** The lines by which a migration chained what was there are the program's own. */
    private static String inEveryProgram(String table) {
        return table.equals("journal") ? " WHERE what <> 'BEFORE'" : "";
    }

    /** Those of the shop; what the program keeps for itself may grow. */
    private static List<String> tables(Connection connection) throws SQLException {
        return column(
                connection,
                "SELECT LOWER(table_name) FROM information_schema.tables WHERE table_schema = 'PUBLIC'"
                        + " AND table_type = 'BASE TABLE' AND table_name <> 'flyway_schema_history' ORDER BY 1");
    }

    private static List<String> column(Connection connection, String query) throws SQLException {
        try (var statement = connection.createStatement();
                var rows = statement.executeQuery(query)) {
            var all = new ArrayList<String>();
            while (rows.next()) {
                all.add(rows.getString(1));
            }
            return all;
        }
    }

    @Override
    public String toString() {
        return name;
    }
}
