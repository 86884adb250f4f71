package jawread.server.chain;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jawread.server.tables.Column;
import jawread.server.tables.Table;

/**
 * What is told of one row, or of all rows of an owner, as they now stand.
 *
 * @param table with the columns that are told
 * @param rows whole; empty where the row is gone, or told by its digest
 * @param digest of a row that a line has no room for: its cells need not be held until then
 */
public record Told(
        Table table,
        Map<String, Object> key,
        boolean isOne,
        List<Map<String, Object>> rows,
        @Nullable Digest digest) {
    /** A line that would tell of more rows has their digests instead. */
    static final int MOST_WHOLE = 100;

    /** Some 120 characters each, of the million that a line has room for. */
    private static final int MOST_DIGESTS = 5_000;

    /** Of one row. @param row its table and its key, in one text */
    public record Digest(String row, String sha256) {}

    /** As the parts of as few lines as they take. What is gone stays as it is, and is told whole. */
    public static List<Map<String, Object>> inParts(List<Told> told) {
        if (told.isEmpty()) {
            return List.of();
        }
        Map<Boolean, List<Told>> byDigest =
                told.stream().collect(Collectors.partitioningBy(each -> each.digest() != null));
        if (told.size() <= MOST_WHOLE && byDigest.get(true).isEmpty()) {
            return List.of(Map.of("rows", told.stream().map(Told::whole).toList()));
        }
        List<List<Told>> whole = cut(byDigest.get(false), MOST_WHOLE);
        List<List<Told>> digested = cut(byDigest.get(true), MOST_DIGESTS);
        var parts = new ArrayList<Map<String, Object>>();
        for (int i = 0; i < Math.max(whole.size(), digested.size()); i++) {
            var part = new TreeMap<String, Object>();
            if (i < whole.size()) {
                part.put("rows", whole.get(i).stream().map(Told::whole).toList());
            }
            if (i < digested.size()) {
                part.put("digests", digests(digested.get(i)));
            }
            parts.add(part);
        }
        return parts;
    }

    static <T> List<List<T>> cut(List<T> all, int most) {
        var cut = new ArrayList<List<T>>();
        for (int from = 0; from < all.size(); from += most) {
            cut.add(all.subList(from, Math.min(all.size(), from + most)));
        }
        return cut;
    }

    private Map<String, Object> whole() {
        var says = new TreeMap<String, Object>();
        says.put("table", table.name());
        says.put("key", keyInTexts());
        if (!isOne) {
            says.put("all", rows);
        } else if (rows.isEmpty()) {
            says.put("gone", true);
        } else {
            says.put("cells", rows.get(0));
        }
        return says;
    }

    private Map<String, Object> keyInTexts() {
        var texts = new TreeMap<String, Object>();
        table.key().stream()
                .filter(key::containsKey)
                .forEach(column -> texts.put(column, String.valueOf(key.get(column))));
        return texts;
    }

    /** Table by table. */
    private static List<Map<String, Object>> digests(List<Told> rows) {
        return rows.stream()
                .collect(Collectors.groupingBy(each -> each.table().name(), TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(Told::digestsOfATable)
                .toList();
    }

    private static Map<String, Object> digestsOfATable(List<Told> rows) {
        var digests = new TreeMap<String, String>();
        rows.forEach(row -> digests.put(row.digest().row(), row.digest().sha256()));
        Table table = rows.get(0).table();
        return Line.digests(
                table.name(),
                table.columns().stream().map(Column::name).sorted().toList(),
                digests);
    }
}
