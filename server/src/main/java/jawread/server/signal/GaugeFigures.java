package jawread.server.signal;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What gauges have sent: it lies in the tray until somebody takes it for a reading, or sets it aside. */
@Service
public class GaugeFigures {
    private final GaugeFigureRepository figures;
    private final GaugeFigureAsideRepository asides;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    GaugeFigures(
            GaugeFigureRepository figures,
            GaugeFigureAsideRepository asides,
            Journal journal,
            Clock clock,
            Words words) {
        this.figures = figures;
        this.asides = asides;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /** What nobody has taken for a reading, or set aside, in their order; of very many the last 200. */
    @Transactional(readOnly = true)
    public List<GaugeFigure> waiting() {
        return figures.findWaiting().stream()
                .map(GaugeFigureRow::value)
                .sorted(Comparator.comparing(GaugeFigure::cameAt))
                .toList();
    }

    /** What is to be looked at in it, in sentences; empty where there is nothing, and of what no gauge sent. */
    @Transactional(readOnly = true)
    public String told(UUID id) {
        return sent(id).map(GaugeFigure::told).orElse("");
    }

    /** Empty where no gauge sent it. */
    @Transactional(readOnly = true)
    public Optional<GaugeFigure> sent(UUID id) {
        return figures.findById(id).map(GaugeFigureRow::value);
    }

    /** It was no reading; once, however often it is said. Refuses one that was never sent with 404. */
    @Transactional
    void setAside(UUID id, String reason, Person person) {
        GaugeFigure figure = sent(id).orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-figure", words.say("problem.no-such-figure")));
        if (!asides.existsByFigureId(figure.id())) {
            asides.save(new GaugeFigureAsideRow(figure.id(), reason.strip(), person, clock.instant()));
            journal.besides(What.SIGNAL);
        }
    }
}
