package jawread.server.measure;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.assess.PlaceMark;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Places passed over, taken up again and noted, and how straight a feature was found. */
@Service
public class PlaceMarks {
    private static final String NO_FIGURE = "straightness-needed";

    private final PlansInForce plans;
    private final PlaceMarkRepository marks;
    private final Jobs jobs;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final TypedFields fields;
    private final Words words;
    private final Rounds rounds;
    private final JobLocks locks;

    PlaceMarks(
            PlansInForce plans,
            PlaceMarkRepository marks,
            Jobs jobs,
            People people,
            Journal journal,
            Clock clock,
            TypedFields fields,
            Words words,
            JobLocks locks,
            Rounds rounds) {
        this.plans = plans;
        this.marks = marks;
        this.jobs = jobs;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.fields = fields;
        this.words = words;
        this.locks = locks;
        this.rounds = rounds;
    }

    /**
     * @param id made by the browser, so that sending it twice makes it once
     * @param round 0 as found, n after cut n
     * @param size as it was checked, as typed, of a straightness; empty for any other mark
     * @param reason in words; only taking up again needs none. Of a straightness: with what it was checked
     */
    public record MarkPlace(
            UUID id,
            long part,
            long feature,
            int round,
            long place,
            PlaceMark.Kind kind,
            Optional<String> size,
            String reason,
            long person) {}

    /** Makes a mark, once. Refuses a skip or a note without words, and a straightness without a figure. */
    @Transactional
    public Receipt make(MarkPlace mark) {
        locks.ofPart(mark.part());
        Part part = jobs.part(mark.part());
        Optional<Length> size = size(mark, part.job().unit());
        Optional<PlaceMarkRow> before = marks.findById(mark.id());
        if (before.isPresent()) {
            if (!isKeptAs(mark, size, before.get())) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(mark.id());
        }
        Feature feature = jobs.featureOf(part, mark.feature());
        Place place = jobs.placeOf(part, List.of(feature, plans.judged(part.plan(), feature)), mark.place());
        String reason =
                mark.kind() == PlaceMark.Kind.TAKE_UP ? mark.reason().strip() : Marks.reason(mark.reason(), words);
        rounds.refuseWhenOver(part, feature, mark.round(), clock.instant());
        Person person = people.byId(mark.person());
        long seq = journal.write(part.job().id(), What.MARK);
        marks.save(new PlaceMarkRow(mark, size, place, reason, person, clock.instant()));
        return Receipt.now(mark.id(), seq);
    }

    private Optional<Length> size(MarkPlace mark, LengthUnit unit) {
        return mark.kind() == PlaceMark.Kind.STRAIGHTNESS
                ? Optional.of(fields.aboveZero("size", mark.size().orElse(""), unit, NO_FIGURE)
                        .orElseThrow(() -> Refused.field("size", NO_FIGURE, words)))
                : Optional.empty();
    }

    private static boolean isKeptAs(MarkPlace mark, Optional<Length> size, PlaceMarkRow kept) {
        return kept.partId() == mark.part()
                && kept.placeId() == mark.place()
                && kept.roundNumber() == mark.round()
                && kept.kind() == mark.kind()
                && kept.size().equals(size)
                && kept.reason().equals(mark.reason().strip());
    }
}
