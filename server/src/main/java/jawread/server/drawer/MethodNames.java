package jawread.server.drawer;

import java.util.Map;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What is measured with, as it is called where it is picked. */
@Component
public class MethodNames {
    private final Words words;

    MethodNames(Words words) {
        this.words = words;
    }

    /** The gauge; of a transfer gauge with what it is read with, of a micrometer that is set on a master with that. */
    public String of(GaugeAndReader method) {
        String gauge = method.gauge().name();
        return method.reader()
                .map(reader -> words.say("choosing.read-with", Map.of("gauge", gauge, "reader", reader.name())))
                .orElseGet(() -> method.onMaster() ? words.say("choosing.on-master", Map.of("gauge", gauge)) : gauge);
    }
}
