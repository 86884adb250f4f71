package jawread.server.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Finds the topic, brings its columns into text form, and turns a refusal into one with its sentence. */
@Service
class Calculations {
    private static final String ID = "id";
    private final Map<String, CalcTopic> topics;
    private final Words words;
    private final JsonMapper json;

    Calculations(List<CalcTopic> topics, Words words, JsonMapper json) {
        this.topics = topics.stream()
                .collect(Collectors.toMap(CalcTopic::name, Function.identity(), (one, two) -> one, TreeMap::new));
        this.words = words;
        this.json = json;
    }

    Set<String> topicNames() {
        return topics.keySet();
    }

    /** The output columns for one set of input columns; throws {@link Refused} with the reason otherwise. */
    JsonNode answer(String topicName, JsonNode columns) {
        CalcTopic topic = topics.get(topicName);
        if (topic == null) {
            throw Refused.of(
                    HttpStatus.NOT_FOUND,
                    "no-such-topic",
                    words.say("problem.no-such-topic", Map.of("topics", String.join(", ", topics.keySet()))));
        }
        try {
            return topic.answer(new CalcRow(texts(topic, columns))).fold(this::node, refusal -> {
                throw Refused.field(topic.inputs().get(0), refusal, say(refusal));
            });
        } catch (CalcRow.BadColumn bad) {
            throw Refused.field(bad.column(), bad.refusal(), say(bad.refusal()));
        } catch (ArithmeticException overflow) {
            var refusal = Refusal.of("too-large");
            throw Refused.field(topic.inputs().get(0), refusal, say(refusal));
        } catch (IllegalArgumentException brokenContract) {
            throw Refused.field("", Refusal.of("bad-value"), brokenContract.getMessage());
        }
    }

    /** With a null where there is nothing to say: elsewhere the interface leaves such fields out, here each column stands. */
    private JsonNode node(Map<String, Object> columns) {
        ObjectNode node = json.createObjectNode();
        columns.forEach((name, value) -> node.set(name, value == null ? node.nullNode() : json.valueToTree(value)));
        return node;
    }

    private String say(Refusal refusal) {
        return words.say(refusal, LengthUnit.MILLIMETRE);
    }

    /** A column that this topic does not know is refused: a name misspelt would else be a column left out. */
    private Map<String, String> texts(CalcTopic topic, JsonNode columns) {
        var texts = new LinkedHashMap<String, String>();
        columns.properties().forEach(column -> {
            String name = column.getKey();
            if (topic.inputs().contains(name)) {
                texts.put(name, text(column.getValue()));
            } else if (!name.equals(ID)
                    && !name.equals("error")
                    && !topic.outputs().contains(name)) {
                var refusal = Refusal.of("unknown-column").with("column", name).with("topic", topic.name());
                throw Refused.field(name, refusal, say(refusal));
            }
        });
        return texts;
    }

    /** Lists with ; between their items, and | between lists of lists; objects as name=value. */
    private static String text(JsonNode node) {
        if (node.isArray()) {
            var items = new ArrayList<String>();
            node.forEach(item -> items.add(text(item)));
            boolean nested = !node.isEmpty() && node.get(0).isArray();
            return String.join(nested ? "|" : ";", items);
        }
        if (node.isObject()) {
            return node.properties().stream()
                    .map(part -> part.getKey() + "=" + text(part.getValue()))
                    .collect(Collectors.joining(";"));
        }
        if (node.isNull()) {
            return "";
        }
        return node.isNumber() ? node.decimalValue().toPlainString() : node.asString();
    }
}
