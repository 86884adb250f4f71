package jawread.server.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.EncodedResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;

/** Every sentence of the catalogue with facts as they are at the bench, printed to {@code target/sentences.txt} for reading. */
class SentencesTest {
    /** What no sentence has, whatever stands in it. */
    private static final Map<String, Pattern> NEVER = Map.of(
            "a word twice", Pattern.compile("\\b([A-Za-z]+) \\1\\b"),
            "two blanks", Pattern.compile("\\S  +\\S"),
            "a blank before a mark", Pattern.compile(" [,.;:?!](\\s|$)"),
            "two marks", Pattern.compile("[,;:]{2}|\\.\\.(?!\\.)|,\\."),
            "a brace", Pattern.compile("[{}]"));

    private final Words words = new Words(new Figures(new Shop("a shop", Path.of("."), Set.of(), false, ".")));

    private static Properties examples() throws IOException {
        return PropertiesLoaderUtils.loadProperties(
                new EncodedResource(new ClassPathResource("words/facts.properties"), "UTF-8"));
    }

    private Map<String, Object> facts(String key, Properties examples) {
        Sentence sentence = words.sentence(key);
        return sentence.names().stream()
                .collect(Collectors.toMap(
                        Function.identity(),
                        name -> sentence.counts().contains(name)
                                ? 3
                                : examples.getProperty(key + "." + name, examples.getProperty(name, ""))));
    }

    @Test
    void no_sentence_is_written_twice_under_one_key() throws IOException {
        var once = new TreeSet<String>();
        List<String> twice;
        try (var lines = new BufferedReader(new InputStreamReader(
                        new ClassPathResource("words.properties").getInputStream(), StandardCharsets.UTF_8))
                .lines()) {
            twice = lines.filter(line -> line.matches("[A-Za-z0-9._-]+=.*"))
                    .map(line -> line.substring(0, line.indexOf('=')))
                    .filter(key -> !once.add(key))
                    .toList();
        }
        assertThat(twice)
                .as("the second one would be said in the place of the first")
                .isEmpty();
    }

    @Test
    void each_is_said_as_a_sentence_with_facts_beside_it() throws IOException {
        Properties examples = examples();
        Set<String> lacking = words.keys().stream()
                .flatMap(key -> words.sentence(key).names().stream()
                        .filter(name -> !words.sentence(key).counts().contains(name)))
                .filter(name -> !examples.containsKey(name))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(lacking)
                .as("each fact has an example in words/facts.properties")
                .isEmpty();

        var said = new LinkedHashMap<String, String>();
        new TreeSet<>(words.keys()).forEach(key -> said.put(key, words.say(key, facts(key, examples))));
        List<String> lines = said.entrySet().stream()
                .map(each -> each.getKey() + "\n    " + each.getValue())
                .toList();
        Files.write(Path.of("target", "sentences.txt"), lines);
        assertThat(said).hasSizeGreaterThan(1000);
        NEVER.forEach((what, pattern) -> assertThat(said.entrySet())
                .as(what)
                .noneMatch(each -> pattern.matcher(each.getValue()).find()));
    }
}
