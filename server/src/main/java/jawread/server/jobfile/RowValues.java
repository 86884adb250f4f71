package jawread.server.jobfile;

import jakarta.annotation.Nullable;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.server.door.SoundText;
import jawread.server.jobfile.JobFile.NotAJob;
import jawread.server.tables.Column;
import jawread.server.tables.Table;
import tools.jackson.databind.JsonNode;

/**
 * What the rows of a file are as the tables take them. What a row points to is looked for in the file and nowhere else, so that nothing of
 * a file lands in another job.
 */
final class RowValues {
    private final long job;
    /** By table: what the file's numbers are here. */
    private final Map<String, Map<Integer, Long>> here = new HashMap<>();
    /** By table: the UUIDs that the file has. */
    private final Map<String, Set<String>> keys = new HashMap<>();

    /** @param job where they belong here */
    RowValues(long job) {
        this.job = job;
    }

    /** What the file has under a number is this row here. */
    void isHere(String table, int number, long row) {
        here.computeIfAbsent(table, unused -> new HashMap<>()).put(number, row);
    }

    /** What the file has under a number here; null where that is nothing yet. */
    @Nullable
    Long here(String table, int number) {
        return here.getOrDefault(table, Map.of()).get(number);
    }

    /** Throws {@link NotAJob} where a row has what it should not, or not as it should. */
    Map<String, Object> of(Section section, Table table, JsonNode row, int at) {
        refuseOtherMembers(section, table, row, at);
        return values(section, table, row, at);
    }

    private void refuseOtherMembers(Section section, Table table, JsonNode row, int at) {
        Set<String> known = table.columns().stream()
                .filter(Section::isTakenAlong)
                .map(Section::member)
                .collect(Collectors.toSet());
        row.propertyNames().stream()
                .filter(name -> !known.contains(name))
                .findFirst()
                .ifPresent(name -> {
                    throw wrong(section, at, name);
                });
    }

    private Map<String, Object> values(Section section, Table table, JsonNode row, int at) {
        var values = new LinkedHashMap<String, Object>();
        for (Column column : table.columns()) {
            if (!Section.isTakenAlong(column)) {
                ofTheShop(column).ifPresent(value -> values.put(column.name(), value));
                continue;
            }
            if (Section.isNumber(column)) {
                continue;
            }
            JsonNode cell = row.get(Section.member(column));
            if (cell == null && !column.isOptional()) {
                throw wrong(section, at, Section.member(column));
            }
            if (cell != null) {
                try {
                    values.put(column.name(), value(column, cell));
                } catch (RuntimeException none) {
                    throw wrong(section, at, Section.member(column));
                }
            }
        }
        Object key = values.get("id");
        if (key instanceof UUID
                && !keys.computeIfAbsent(table.name(), unused -> new HashSet<>())
                        .add(key.toString())) {
            throw wrong(section, at, "id");
        }
        return values;
    }

    /** What the file does not say, for it is the same in all rows, or begins anew. */
    private Optional<Object> ofTheShop(Column column) {
        return Section.pointsTo(column).filter(Section.JOB::equals).isPresent()
                ? Optional.of(job)
                : Optional.ofNullable(Section.OF_EACH_SHOP.get(column.name()));
    }

    private Object value(Column column, JsonNode cell) {
        Optional<String> to = Section.pointsTo(column);
        if (to.isPresent()) {
            Long id = here(to.get(), cell.isInt() ? cell.intValue() : 0);
            if (id == null) {
                throw new IllegalArgumentException("points to nothing");
            }
            return id;
        }
        Object value = column.form().read(cell);
        boolean isOfNoRow = Section.keyOf(column)
                .filter(table -> !keys.getOrDefault(table, Set.of()).contains(value.toString()))
                .isPresent();
        boolean isNoText = value instanceof String text
                && (!SoundText.isSound(text) || column.most() > 0 && text.length() > column.most());
        if (isOfNoRow || isNoText) {
            throw new IllegalArgumentException("is not what it should be");
        }
        return value;
    }

    /** @param at the row, from 0 */
    static NotAJob wrong(Section section, int at, String member) {
        return new NotAJob(
                "job-file-row", Map.of("section", section.member(), "row", Integer.toString(at + 1), "member", member));
    }
}
