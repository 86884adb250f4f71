package jawread.server.door;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests made from the interface's own description: for each operation a body that is right as far as the description goes, and
 * then with one thing wrong.
 */
final class Requests {
    /** @param what was done to it, for the report @param body empty for none */
    record Request(String method, String path, String body, String what) {}

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String HUGE = "x".repeat(10_000);
    /** What reaches deepest: names of fields, and what is usual there. */
    private static final Map<String, String> USUAL = Map.ofEntries(
            Map.entry("unit", "mm"),
            Map.entry("limits", "32 h9"),
            Map.entry("typed", "31.97"),
            Map.entry("figure", "31.97"),
            Map.entry("size", "25"),
            Map.entry("wanted", "25"),
            Map.entry("shown", "0"),
            Map.entry("done", "nothing"),
            Map.entry("temperature", "20"),
            Map.entry("part", "20"),
            Map.entry("gauge", "20"),
            Map.entry("shape", "shaft"),
            Map.entry("rounds", "cuts"),
            Map.entry("found", "ok"),
            Map.entry("caution", "sharp"),
            Map.entry("card", "wipe"),
            Map.entry("decided", "use"),
            Map.entry("graduation", "0.001"),
            Map.entry("pressed", "rise"),
            Map.entry("rocked", "fall"),
            Map.entry("returned", "0"),
            Map.entry("needle", "0"),
            Map.entry("rangeLow", "25"),
            Map.entry("rangeHigh", "50"),
            Map.entry("scale", "mic-mm-001"),
            Map.entry("on", "2026-01-10"),
            Map.entry("due", "2027-01-10"),
            Map.entry("error", "0.001"),
            Map.entry("expanded", "0.001"),
            Map.entry("tolerance", "0.05"),
            Map.entry("set", "mm-88"),
            Map.entry("material", "steel"),
            Map.entry("gap", "0.30"),
            Map.entry("hours", "12"),
            Map.entry("reason", "a reason"));

    private final JsonNode description;

    Requests(JsonNode description) {
        this.description = description;
    }

    List<Request> all() {
        var all = new ArrayList<Request>();
        description
                .path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation ->
                                all.addAll(of(path.getKey(), operation.getKey().toUpperCase(), operation.getValue()))));
        return all;
    }

    private List<Request> of(String path, String method, JsonNode operation) {
        if (path.equals("/api/v1/events") || path.equals("/api/v1/backup")) {
            return List.of();
        }
        if (path.equals("/api/v1/calc/{topic}")) {
            return calculations();
        }
        JsonNode body = operation
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        return body.isMissingNode() ? looks(path, method, operation) : writes(path, method, body);
    }

    /** With a path that is there, and with ones that are not. */
    private static List<String> filled(String path) {
        return Stream.of(
                        "1",
                        "2",
                        "9223372036854775807",
                        "-1",
                        "none",
                        "1e400",
                        UUID.randomUUID().toString())
                .map(value -> path.replaceAll(
                                "\\{(id|check|feature)}",
                                path.contains("/methods/")
                                                || path.contains("checks/{check}")
                                                || path.matches(".*\\{id}.*")
                                        ? "{$1}"
                                        : value)
                        .replace("{id}", UUID.randomUUID().toString())
                        .replace("{check}", UUID.randomUUID().toString())
                        .replace("{topic}", value.equals("1") ? "typed" : value)
                        .replace("{name}", value.equals("1") ? "theme" : value)
                        .replaceAll("\\{\\w+}", value))
                .distinct()
                .toList();
    }

    private List<Request> looks(String path, String method, JsonNode operation) {
        List<String> names = new ArrayList<>();
        operation.path("parameters").forEach(parameter -> {
            if (parameter.path("in").asString().equals("query")) {
                names.add(parameter.path("name").asString());
            }
        });
        return filled(path).stream()
                .flatMap(address -> Stream.of(
                                "",
                                "1",
                                "sleeve%3D1e10000000",
                                "1e10000000",
                                "%00",
                                "%ED%A0%80",
                                "-",
                                "a%3Bb%3Dc",
                                "9".repeat(4000))
                        .map(value -> new Request(
                                method,
                                address
                                        + names.stream()
                                                .map(name -> name + "=" + value)
                                                .collect(Collectors.joining("&", names.isEmpty() ? "" : "?", "")),
                                "",
                                "looked at with " + value.substring(0, Math.min(20, value.length())))))
                .distinct()
                .toList();
    }

    /** Of each topic the first row of its vectors, and then with one column wrong. */
    private static List<Request> calculations() {
        try (Stream<Path> files = Files.list(Path.of("../core/src/test/resources/vectors"))) {
            return files.filter(file -> file.toString().endsWith(".csv"))
                    .sorted()
                    .flatMap(file -> {
                        String topic = file.getFileName().toString().replace(".csv", "");
                        return writes("POST", firstRow(file), List.of("/api/v1/calc/" + topic)).stream();
                    })
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static JsonNode firstRow(Path file) {
        try (CSVParser rows = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setCommentMarker('#')
                .get()
                .parse(Files.newBufferedReader(file))) {
            ObjectNode columns = JSON.createObjectNode();
            rows.iterator().next().toMap().forEach(columns::put);
            return columns;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Request> writes(String path, String method, JsonNode schema) {
        return writes(method, example("", schema, 0), filled(path));
    }

    private static List<Request> writes(String method, JsonNode right, List<String> addresses) {
        var all = new ArrayList<Request>();
        addresses.forEach(address -> all.add(new Request(method, address, right.toString(), "as it is right")));
        String address = addresses.get(0);
        for (String whole :
                List.of("", "null", "[]", "{}", "\"text\"", "12", "{\"", "[".repeat(5000), "{\"a\":".repeat(2000))) {
            all.add(new Request(
                    method, address, whole, "a body that is " + whole.substring(0, Math.min(8, whole.length()))));
        }
        for (List<String> at : places(right, List.of())) {
            wrong().forEach((what, value) ->
                    all.add(new Request(method, address, put(right, at, value), String.join(".", at) + " " + what)));
            all.add(new Request(method, address, put(right, at, null), String.join(".", at) + " left out"));
        }
        return all;
    }

    /** Where something stands: in objects by name, in lists by number. */
    private static List<List<String>> places(JsonNode node, List<String> at) {
        var all = new ArrayList<List<String>>();
        node.properties().forEach(each -> {
            var here = new ArrayList<>(at);
            here.add(each.getKey());
            all.add(here);
            all.addAll(places(each.getValue(), here));
        });
        if (node.isArray() && !node.isEmpty()) {
            var here = new ArrayList<>(at);
            here.add("0");
            all.add(here);
            all.addAll(places(node.get(0), here));
        }
        return all;
    }

    private static Map<String, String> wrong() {
        var wrong = new LinkedHashMap<String, String>();
        wrong.put("null", "null");
        wrong.put("a text", "\"text\"");
        wrong.put("an empty text", "\"\"");
        wrong.put("a number", "7");
        wrong.put("below zero", "-9223372036854775808");
        wrong.put("past any number", "9223372036854775807");
        wrong.put("with an exponent", "1e10000000");
        wrong.put("an exponent as text", "\"1e10000000\"");
        wrong.put("true", "true");
        wrong.put("a list", "[1, null, \"a\"]");
        wrong.put("an object", "{\"a\": 1}");
        wrong.put("a huge text", "\"" + HUGE + "\"");
        wrong.put("a long text", "\"" + HUGE.substring(0, 250) + "\"");
        wrong.put("many digits", "\"" + "9".repeat(59) + "\"");
        wrong.put(
                "a long list",
                IntStream.range(0, 20_000).mapToObj(Integer::toString).collect(Collectors.joining(",", "[", "]")));
        wrong.put("deep", "[".repeat(400) + "]".repeat(400));
        wrong.put("a control character", "\"a\\u0000b\"");
        wrong.put("half a character", "\"a\\ud83d\"");
        wrong.put("looks empty", "\"\\u200b\\u2060\"");
        wrong.put("braces", "\"{x} ${a} '{' #\"");
        wrong.put("a moment long ago", "\"-999999999-01-01T00:00:00Z\"");
        wrong.put("a moment to come", "\"+999999999-12-31T23:59:59Z\"");
        return wrong;
    }

    /** The body with another value at a place, or without it. */
    private static String put(JsonNode body, List<String> at, String value) {
        JsonNode copy = body.deepCopy();
        JsonNode to = copy;
        for (String step : at.subList(0, at.size() - 1)) {
            to = to.isArray() ? to.get(Integer.parseInt(step)) : to.path(step);
        }
        String last = at.get(at.size() - 1);
        // A marker, so that a value need not be one that a tree can hold.
        String marker = "@" + UUID.randomUUID();
        if (to instanceof ArrayNode list) {
            if (value == null) {
                list.remove(0);
            } else {
                list.set(0, marker);
            }
        } else if (to instanceof ObjectNode object) {
            if (value == null) {
                object.remove(last);
            } else {
                object.put(last, marker);
            }
        }
        return value == null ? copy.toString() : copy.toString().replace("\"" + marker + "\"", value);
    }

    private JsonNode example(String name, JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String ref = schema.path("$ref").asString();
            return example(
                    name,
                    description.path("components").path("schemas").path(ref.substring(ref.lastIndexOf('/') + 1)),
                    depth + 1);
        }
        JsonNode type = schema.path("type");
        String of = type.isArray() ? type.get(0).asString() : type.asString();
        if (schema.has("enum")) {
            return JSON.getNodeFactory().stringNode(schema.path("enum").get(0).asString());
        }
        return switch (of) {
            case "integer" -> JSON.getNodeFactory().numberNode(1);
            case "number" -> JSON.getNodeFactory().numberNode(new BigDecimal("1.5"));
            case "boolean" -> JSON.getNodeFactory().booleanNode(true);
            case "array" -> JSON.createArrayNode().add(example(name, schema.path("items"), depth + 1));
            case "string" ->
                JSON.getNodeFactory()
                        .stringNode(
                                switch (schema.path("format").asString("")) {
                                    case "uuid" -> UUID.randomUUID().toString();
                                    case "date-time" -> "2026-03-10T08:00:00Z";
                                    default -> USUAL.getOrDefault(name, "a");
                                });
            default -> object(schema, depth);
        };
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.createObjectNode();
        if (depth < 8) {
            schema.path("properties")
                    .properties()
                    .forEach(each -> object.set(each.getKey(), example(each.getKey(), each.getValue(), depth + 1)));
            if (schema.path("additionalProperties").isObject()) {
                object.set("sleeve", example("sleeve", schema.path("additionalProperties"), depth + 1));
            }
        }
        return object;
    }
}
