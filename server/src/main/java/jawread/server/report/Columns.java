package jawread.server.report;

import java.util.List;
import java.util.stream.Stream;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What the columns of a report are called. */
@Component
class Columns {
    private final Words words;

    Columns(Words words) {
        this.words = words;
    }

    List<String> of(String... names) {
        return Stream.of(names).map(name -> words.say("report.column." + name)).toList();
    }
}
