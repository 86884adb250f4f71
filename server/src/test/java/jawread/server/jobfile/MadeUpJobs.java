package jawread.server.jobfile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import jawread.server.tables.CanonicalJson;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Files of jobs that nobody measured: each a real one with other UUIDs, names, figures and notes, and some of its readings and marks. */
final class MadeUpJobs {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};
    private static final Pattern UUID_FORM = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final List<String> WORDS = List.of(
            "bore",
            "Ø 25",
            "=1+1",
            "\"quoted\"",
            "Größe",
            "3/4\"",
            "線",
            "😀",
            "a\tb",
            "x\\y",
            "<b>",
            "",
            "two  blanks",
            "µ−²");

    /** Sections whose rows may be missing without anything pointing to them. */
    private static final List<String> LEAVES = List.of(
            "readingMarks",
            "readingMoves",
            "readingSwaps",
            "placeMarks",
            "cutMarks",
            "sizesSaid",
            "looks",
            "cautionTicks",
            "partDecisions",
            "readyMarks",
            "soakings",
            "gaugeEvents");

    private static final List<String> PEOPLE = List.of("person", "madeBy", "addedBy");

    private final Random random;
    private int made;
    private final List<Map<String, Object>> from;

    /** @param seed of the same the same jobs @param files of real jobs */
    MadeUpJobs(long seed, List<String> files) {
        this.random = new Random(seed);
        this.from = files.stream().map(file -> JSON.readValue(file, OBJECT)).toList();
    }

    /** Another one, in canonical JSON. */
    String next() {
        Map<String, Object> job = copy(from.get(random.nextInt(from.size())));
        for (String section : LEAVES) {
            rows(job, section).removeIf(row -> random.nextInt(4) == 0);
        }
        someReadings(job);
        // Gauges of their own: what is done with one in other jobs would come along.
        int number = ++made;
        for (String section : List.of("gauges", "masters")) {
            rows(job, section)
                    .forEach(row -> row.put("shopNumber", String.format("%d/%03d", number, (int) row.get("id"))));
            rows(job, section).sort(Comparator.comparing(row -> (String) row.get("shopNumber")));
        }
        rows(job, "parts").forEach(part -> part.put("mark", words(80)));
        rows(job, "readings").forEach(this::another);
        rows(job, "placeMarks").forEach(mark -> mark.put("reason", words(200)));
        rows(job, "readingMarks").forEach(mark -> mark.put("reason", words(200)));
        job.put("home", "Shop " + words(60));
        Map<String, Object> head = new LinkedHashMap<>(JSON.convertValue(job.get("job"), OBJECT));
        head.put("name", "Job " + words(90));
        head.put("about", words(180));
        job.put("job", head);
        job.put("signed", List.of());
        onlyWhoDidAnything(job);
        return canonical(JSON.readValue(withOtherKeys(JSON.writeValueAsString(job), random), OBJECT));
    }

    private static void onlyWhoDidAnything(Map<String, Object> job) {
        var numbers = new TreeMap<Integer, Integer>();
        job.forEach((name, value) -> {
            if (value instanceof List<?>) {
                rows(job, name)
                        .forEach(row -> PEOPLE.stream()
                                .filter(row::containsKey)
                                .forEach(who -> numbers.put((Integer) row.get(who), 0)));
            }
        });
        rows(job, "people").removeIf(row -> !numbers.containsKey(row.get("id")));
        int next = 0;
        for (Integer number : List.copyOf(numbers.keySet())) {
            numbers.put(number, ++next);
        }
        rows(job, "people").forEach(row -> row.put("id", numbers.get(row.get("id"))));
        job.forEach((name, value) -> {
            if (value instanceof List<?>) {
                rows(job, name)
                        .forEach(row ->
                                PEOPLE.forEach(who -> row.computeIfPresent(who, (member, of) -> numbers.get(of))));
            }
        });
    }

    private void another(Map<String, Object> reading) {
        long raw = Long.parseLong((String) reading.get("rawPm"));
        reading.put("rawPm", Long.toString(raw + random.nextInt(-20, 20) * 1_000_000L));
        if (reading.containsKey("typed") && random.nextInt(5) == 0) {
            reading.put("typed", "1.2345");
        }
    }

    /** Some of them, with all that rests on the others gone, too. */
    private void someReadings(Map<String, Object> job) {
        var gone = new HashSet<Object>();
        var gauges = new HashSet<Object>();
        // A file has no gauge that nothing was read with: of each the first stays.
        rows(job, "readings")
                .removeIf(row -> !gauges.add(row.get("gauge") + " " + row.get("reader"))
                        && random.nextInt(5) == 0
                        && gone.add(row.get("id")));
        for (String section : List.of("readingMarks", "readingMoves", "readingFigures", "readingSwaps")) {
            rows(job, section)
                    .removeIf(row -> gone.contains(row.get("reading"))
                            || gone.contains(row.get("one"))
                            || gone.contains(row.get("other")));
        }
    }

    private String words(int most) {
        var text = new StringBuilder();
        for (int i = random.nextInt(4); i > 0; i--) {
            text.append(WORDS.get(random.nextInt(WORDS.size()))).append(' ');
        }
        return text.length() > most ? text.substring(0, most) : text.toString();
    }

    /** Every UUID is another one, the same for the same. */
    static String withOtherKeys(String file, Random random) {
        Map<String, String> other = new HashMap<>();
        return UUID_FORM
                .matcher(file)
                .replaceAll(found -> other.computeIfAbsent(
                        found.group(), unused -> new UUID(random.nextLong(), random.nextLong()).toString()));
    }

    /** Rows that no number orders stand in the order of their text, and so does the object. */
    private static String canonical(Map<String, Object> job) {
        Set<String> ordered = Set.of(
                "people",
                "gauges",
                "masters",
                "plans",
                "planRevisions",
                "features",
                "parts",
                "places",
                "readings",
                "signed");
        var sorted = new LinkedHashMap<String, Object>();
        job.forEach((name, value) -> {
            if (value instanceof List<?> && !ordered.contains(name)) {
                var byText = new TreeMap<String, Object>();
                rows(job, name).forEach(row -> byText.put(CanonicalJson.of(row), row));
                sorted.put(name, List.copyOf(byText.values()));
            } else {
                sorted.put(name, value);
            }
        });
        return CanonicalJson.of(sorted);
    }

    private static Map<String, Object> copy(Map<String, Object> of) {
        return JSON.readValue(JSON.writeValueAsString(of), OBJECT);
    }

    @SuppressWarnings("unchecked")
    private static List<Map<String, Object>> rows(Map<String, Object> job, String section) {
        return (List<Map<String, Object>>) job.computeIfAbsent(section, unused -> new ArrayList<>());
    }
}
