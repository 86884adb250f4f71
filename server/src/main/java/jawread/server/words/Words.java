package jawread.server.words;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.scale.ScalePart;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.EncodedResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.stereotype.Component;

/**
 * The catalogue of sentences. A key that is not in it, or a fact that a sentence needs and lacks, is a programming error. What a
 * person typed is put into a sentence as it stands: it is never read as a part of the sentence.
 */
@Component
public class Words {
    private final Map<String, Sentence> sentences;
    private final Figures figures;

    public Words(Figures figures) {
        this.figures = figures;
        try {
            var file = new EncodedResource(new ClassPathResource("words.properties"), "UTF-8");
            sentences = PropertiesLoaderUtils.loadProperties(file).entrySet().stream()
                    .collect(Collectors.toUnmodifiableMap(
                            entry -> entry.getKey().toString(),
                            entry -> new Sentence(
                                    entry.getKey().toString(), entry.getValue().toString())));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public boolean has(String key) {
        return sentences.containsKey(key);
    }

    /** Every key of the catalogue. */
    Set<String> keys() {
        return sentences.keySet();
    }

    Sentence sentence(String key) {
        Sentence sentence = sentences.get(key);
        if (sentence == null) {
            throw new IllegalArgumentException("words.properties has no sentence \"" + key + "\"");
        }
        return sentence;
    }

    /** The sentence of a key that carries no facts. */
    public String say(String key) {
        return say(key, Map.of());
    }

    /** The sentence of a key, its {name}s filled with the facts: finished text, and counts as numbers. */
    public String say(String key, Map<String, ?> facts) {
        return sentence(key).say(facts);
    }

    /** The sentence of a key; lengths among its facts in a unit, with all their digits. */
    public String say(String key, Map<String, ?> facts, LengthUnit unit) {
        var said = new LinkedHashMap<String, Object>();
        facts.forEach((name, fact) -> said.put(name, said(fact, unit)));
        return say(key, said);
    }

    /**
     * What is wrong and what would be right; lengths in the unit the person works in. Where the refusal says what was likely meant, and there
     * is a sentence for that, it is said.
     */
    public String say(Refusal refusal, LengthUnit unit) {
        String key = "refusal." + refusal.code();
        String likely = key + "." + refusal.facts().getOrDefault("likely", "");
        return say(has(likely) ? likely : key, refusal.facts(), unit);
    }

    private Object said(Object fact, LengthUnit unit) {
        if (fact instanceof ScalePart.Counts counts) {
            String key = counts.hasStart() ? counts.hasEnd() ? "counted.between" : "counted.from" : "counted.any";
            return say(key, Map.of("first", counts.first(), "last", counts.last()));
        }
        return fact instanceof Length length ? figures.exactly(length, unit) : fact;
    }
}
