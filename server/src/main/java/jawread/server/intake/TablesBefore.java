package jawread.server.intake;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.tables.CanonicalJson;
import jawread.server.words.Moments;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** The tables that came before: which files, and what was said of the columns under their heads. */
@Component
class TablesBefore {
    private final TableArrivalRepository arrivals;
    private final ColumnsChosenRepository chosen;
    private final People people;
    private final Clock clock;
    private final Moments moments;
    private final Words words;

    TablesBefore(
            TableArrivalRepository arrivals,
            ColumnsChosenRepository chosen,
            People people,
            Clock clock,
            Moments moments,
            Words words) {
        this.arrivals = arrivals;
        this.chosen = chosen;
        this.people = people;
        this.clock = clock;
        this.moments = moments;
        this.words = words;
    }

    /** Who brought the same file into the same job, and when, in a sentence; empty where nobody did. */
    Optional<String> cameBefore(Understood of) {
        return arrivals.findFirstBySha256AndJobIdOrderByMadeAtDesc(
                        of.sha256(), of.job().id())
                .map(row -> words.say(
                        "table.came-before",
                        Map.of("who", people.nameOf(row.person()), "at", moments.moment(row.madeAt()))));
    }

    /** @param kept how many of its readings */
    void came(Understood of, int kept, Person person) {
        arrivals.save(new TableArrivalRow(of.job().id(), of.sha256(), kept, person, clock.instant()));
    }

    /** What was said last of the columns under such a head; empty where nothing was. */
    List<String> meansUnder(String heads) {
        return heads.isEmpty()
                ? List.of()
                : chosen.findFirstByHeadOrderByMadeAtDesc(CanonicalJson.digest(heads))
                        .map(ColumnsChosenRow::means)
                        .orElse(List.of());
    }

    /** Remembers what somebody said of the columns of a table; of one without a head there is nothing to know it by. */
    void remember(ReadColumns columns, Person person) {
        if (!columns.heads().isEmpty()) {
            chosen.save(new ColumnsChosenRow(
                    CanonicalJson.digest(columns.heads()), columns.means(), person, clock.instant()));
        }
    }
}
