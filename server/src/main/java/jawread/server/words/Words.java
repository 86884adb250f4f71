package jawread.server.words;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Properties;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.scale.ScalePart;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.EncodedResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.stereotype.Component;
import org.springframework.util.PropertyPlaceholderHelper;

/** The catalogue of sentences. A key that is not in it, or a fact that a sentence needs and lacks, is a programming error. */
@Component
public class Words {
    private static final PropertyPlaceholderHelper NAMED = new PropertyPlaceholderHelper("{", "}");
    private final Properties sentences;
    private final Figures figures;

    public Words(Figures figures) {
        this.figures = figures;
        try {
            var file = new EncodedResource(new ClassPathResource("words.properties"), "UTF-8");
            sentences = PropertiesLoaderUtils.loadProperties(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public boolean has(String key) {
        return sentences.containsKey(key);
    }

    /** The sentence of a key that carries no facts. */
    public String say(String key) {
        return say(key, Map.of());
    }

    /** The sentence of a key, its {name}s filled with the facts. */
    public String say(String key, Map<String, ?> facts) {
        String sentence = sentences.getProperty(key);
        if (sentence == null) {
            throw new IllegalArgumentException("words.properties has no sentence \"" + key + "\"");
        }
        return NAMED.replacePlaceholders(sentence, name -> {
            Object fact = facts.get(name);
            if (fact == null) {
                throw new IllegalArgumentException("The sentence \"" + key + "\" needs {" + name + "}");
            }
            return fact.toString();
        });
    }

    /** The sentence of a key; lengths among its facts in a unit, with all their digits. */
    public String say(String key, Map<String, ?> facts, LengthUnit unit) {
        var said = new LinkedHashMap<String, Object>();
        facts.forEach((name, fact) -> said.put(name, said(fact, unit)));
        return say(key, said);
    }

    /** What is wrong and what would be right; lengths in the unit the person works in. */
    public String say(Refusal refusal, LengthUnit unit) {
        return say("refusal." + refusal.code(), refusal.facts(), unit);
    }

    private Object said(Object fact, LengthUnit unit) {
        if (fact instanceof ScalePart.Counts counts) {
            String key = counts.hasStart() ? counts.hasEnd() ? "counted.between" : "counted.from" : "counted.any";
            return say(key, Map.of("first", counts.first(), "last", counts.last()));
        }
        return fact instanceof Length length ? figures.exactly(length, unit) : fact;
    }
}
