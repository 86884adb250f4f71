package jawread.server.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import com.ibm.icu.util.ULocale;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * One sentence of the catalogue, parsed once: {@code {name}} takes finished text as it stands, whatever is in it;
 * {@code {name, plural, one {# reading} other {# readings}}} takes a count. Used by many threads at once.
 */
final class Sentence {
    /** English in the one dialect that groups no digits: 1000 readings are not 1,000, which elsewhere is one. */
    private static final ULocale PLAIN_ENGLISH = new ULocale("en_US_POSIX");

    private final String key;
    private final MessageFormat pattern;
    private final Set<String> names = new HashSet<>();
    private final Set<String> counts = new HashSet<>();

    /** Throws IllegalArgumentException where the text is no pattern. */
    Sentence(String key, String text) {
        this.key = key;
        pattern = new MessageFormat(text, PLAIN_ENGLISH);
        var parsed = new MessagePattern(text);
        for (int i = 1; i < parsed.countParts(); i++) {
            Part part = parsed.getPart(i);
            if (part.getType() == Part.Type.ARG_NAME) {
                names.add(parsed.getSubstring(part));
                if (parsed.getPart(i - 1).getArgType() == ArgType.PLURAL) {
                    counts.add(parsed.getSubstring(part));
                }
            }
        }
    }

    /** The facts that it needs. */
    Set<String> names() {
        return Set.copyOf(names);
    }

    /** Those of its facts that are counts. */
    Set<String> counts() {
        return Set.copyOf(counts);
    }

    /** Says it. A fact that lacks, or a count that is no number, is a programming error. */
    String say(Map<String, ?> facts) {
        var filled = new HashMap<String, Object>();
        for (String name : names) {
            filled.put(name, filled(name, facts.get(name)));
        }
        // A format keeps what it found on the way, and is one thread's at a time.
        synchronized (pattern) {
            return pattern.format(filled);
        }
    }

    private Object filled(String name, Object fact) {
        if (fact == null) {
            throw new IllegalArgumentException("The sentence \"" + key + "\" needs {" + name + "}");
        }
        if (!counts.contains(name)) {
            return fact instanceof BigDecimal number ? number.toPlainString() : fact.toString();
        }
        if (fact instanceof Number) {
            return fact;
        }
        throw new IllegalArgumentException(
                "The sentence \"" + key + "\" counts {" + name + "}, and \"" + fact + "\" is no count");
    }
}
