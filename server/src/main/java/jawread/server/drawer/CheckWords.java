package jawread.server.drawer;

import java.util.Map;
import jawread.core.gauge.CheckWanted;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says why a gauge wants to be looked at, or set: the one way, wherever it is said. */
@Component
public class CheckWords {
    private final Words words;

    CheckWords(Words words) {
        this.words = words;
    }

    public String wanted(CheckWanted why, Gauge gauge) {
        return words.say("check-wanted." + why.code(), Map.of("gauge", gauge.shopNumber()));
    }
}
