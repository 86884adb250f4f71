package jawread.server.jobfile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.server.tables.Column;
import jawread.server.tables.Table;

/** The published form of a job's file, a JSON Schema (2020-12), made from the sections and tables that it is written from. */
final class JobFileSchema {
    private static final String DIALECT = "https://json-schema.org/draft/2020-12/schema";
    private static final String UUID_FORM = "^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$";
    private static final String DIGEST = "^[0-9a-f]{64}$";
    private static final String WHOLE = "^-?\\d{1,19}$";
    private static final String DECIMAL = "^-?\\d+(\\.\\d+)?$";

    private final Map<String, Table> tables;

    JobFileSchema(Map<String, Table> tables) {
        this.tables = tables;
    }

    Map<String, Object> of() {
        var members = new LinkedHashMap<String, Object>();
        members.put("format", Map.of("const", JobFile.FORMAT));
        members.put("edition", Map.of("const", JobFile.EDITION));
        members.put(JobFile.HOME, text("The shop that it was measured in."));
        members.put(JobFile.JOB, row(tables.get(Section.JOB), "The job's own head, and the UUID that tells it apart."));
        for (Section section : Section.all(tables)) {
            members.put(section.member(), list(row(tables.get(section.table()), section.of()), section.of()));
        }
        members.put(JobFile.SIGNED, list(signed(), "Records that were signed of it, with the signatures under them."));
        var schema = new LinkedHashMap<String, Object>();
        schema.put("$schema", DIALECT);
        schema.put("title", "A job of Jaw Read, edition " + JobFile.EDITION);
        schema.put(
                "description",
                "One object in canonical JSON (RFC 8785). Rows that are told apart by a number bear one of this file, from 1 in each list;"
                        + " a member that names another row holds its number, or its UUID. Lengths are whole picometres, as texts."
                        + " A member that would be empty is left out.");
        schema.putAll(object(members, List.copyOf(members.keySet())));
        return schema;
    }

    private Map<String, Object> row(Table table, String of) {
        var members = new LinkedHashMap<String, Object>();
        var required = new ArrayList<String>();
        for (Column column : table.columns()) {
            if (!Section.isTakenAlong(column) || table.name().equals(Section.JOB) && Section.isNumber(column)) {
                continue;
            }
            members.put(Section.member(column), member(table, column));
            if (!column.isOptional()) {
                required.add(Section.member(column));
            }
        }
        Map<String, Object> row = object(members, required);
        row.put("description", of);
        return row;
    }

    private static Map<String, Object> member(Table table, Column column) {
        Optional<String> to = Section.pointsTo(column);
        if (to.isPresent() || Section.isNumber(column)) {
            return described(
                    Map.of("type", "integer", "minimum", 1),
                    to.map(name -> "The number of a " + name.replace('_', ' ') + ".")
                            .orElse("Its number in this file: its place in the list."));
        }
        if (column.form() == Column.Form.KEY) {
            return described(
                    Map.of("type", "string", "pattern", UUID_FORM),
                    Section.keyOf(column)
                            .map(name -> "The UUID of a " + name.replace('_', ' ') + ".")
                            .orElse("A UUID."));
        }
        if (column.name().endsWith("_pm") && column.form() == Column.Form.NUMBER) {
            return described(Map.of("type", "string", "pattern", WHOLE), "Whole picometres.");
        }
        return switch (column.form()) {
            case TEXT, BYTES -> new LinkedHashMap<>(Map.of("type", "string"));
            case SMALL_NUMBER -> new LinkedHashMap<>(Map.of("type", "integer"));
            case TRUTH -> new LinkedHashMap<>(Map.of("type", "boolean"));
            case NUMBER ->
                described(
                        Map.of("type", "string", "pattern", WHOLE),
                        column.name().equals("seq") ? "Its place among what was done in the job." : "A whole number.");
            case DECIMAL -> described(Map.of("type", "string", "pattern", DECIMAL), "A decimal number.");
            case DAY -> new LinkedHashMap<>(Map.of("type", "string", "format", "date"));
            case MOMENT -> new LinkedHashMap<>(Map.of("type", "string", "format", "date-time"));
            case KEY -> throw new IllegalStateException(table.name() + " " + column.name());
        };
    }

    private static Map<String, Object> signed() {
        var signOff = new LinkedHashMap<String, Object>();
        signOff.put("id", Map.of("type", "string", "pattern", UUID_FORM));
        signOff.put("number", Map.of("type", "integer", "minimum", 1));
        signOff.put("person", text("The number of whoever signed, in the shop that it was signed in."));
        signOff.put("name", text("What they were called then."));
        signOff.put("signedAt", Map.of("type", "string", "format", "date-time"));
        signOff.put(
                "follows",
                described(Map.of("type", "string", "pattern", DIGEST), "The signature before it in that shop."));
        signOff.put("sha256", Map.of("type", "string", "pattern", DIGEST));
        var record = new LinkedHashMap<String, Object>();
        record.put("id", Map.of("type", "string", "pattern", UUID_FORM));
        record.put("home", text("The shop that it was signed in."));
        record.put("revision", Map.of("type", "integer", "minimum", 1));
        record.put("content", text("The record as it was signed: canonical JSON, whose SHA-256 is its hash."));
        record.put("sha256", Map.of("type", "string", "pattern", DIGEST));
        record.put("seq", Map.of("type", "string", "pattern", WHOLE));
        record.put("madeAt", Map.of("type", "string", "format", "date-time"));
        record.put("signOffs", list(object(signOff, List.copyOf(signOff.keySet())), "The signatures under it."));
        List<String> required = List.copyOf(record.keySet());
        record.put(
                "reopened",
                object(
                        new LinkedHashMap<>(Map.of(
                                "by", text("Who."),
                                "at", Map.of("type", "string", "format", "date-time"),
                                "reason", text("Why."))),
                        List.of("by", "at", "reason")));
        return object(record, required);
    }

    private static Map<String, Object> text(String of) {
        return described(Map.of("type", "string"), of);
    }

    private static Map<String, Object> described(Map<String, Object> type, String of) {
        var described = new LinkedHashMap<>(type);
        described.put("description", of);
        return described;
    }

    private static Map<String, Object> list(Map<String, Object> of, String description) {
        var list = new LinkedHashMap<String, Object>();
        list.put("type", "array");
        list.put("description", description);
        list.put("items", of);
        return list;
    }

    private static Map<String, Object> object(Map<String, Object> members, List<String> required) {
        var object = new LinkedHashMap<String, Object>();
        object.put("type", "object");
        object.put("properties", members);
        object.put("required", required);
        object.put("additionalProperties", false);
        return object;
    }
}
