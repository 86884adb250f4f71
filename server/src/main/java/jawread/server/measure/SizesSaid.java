package jawread.server.measure;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.length.Length;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What size features of parts are said to be: reworked to it by a cut, or found so when the part came in. */
@Service
public class SizesSaid {
    private final SizeSaidRepository sizes;
    private final Rounds rounds;
    private final PlansInForce plans;
    private final People people;
    private final Journal journal;
    private final JobLocks locks;
    private final Clock clock;
    private final Words words;

    SizesSaid(
            SizeSaidRepository sizes,
            Rounds rounds,
            PlansInForce plans,
            People people,
            Journal journal,
            JobLocks locks,
            Clock clock,
            Words words) {
        this.sizes = sizes;
        this.rounds = rounds;
        this.plans = plans;
        this.people = people;
        this.journal = journal;
        this.locks = locks;
        this.clock = clock;
        this.words = words;
    }

    /**
     * @param id made by the browser, so that sending it twice says it once
     * @param round from which on; 0 as found
     * @param to how far from new, with its sign; zero as new again; empty takes back what was said of that round
     */
    public record SaySize(
            UUID id, long part, long feature, int round, Optional<Length> to, String reason, long person) {}

    /** Says it, once. Refuses a size that the plan does not list, and a round that is not there. */
    @Transactional
    public Receipt say(SaySize said) {
        long job = locks.ofPart(said.part());
        Part part = plans.part(said.part());
        Feature feature = plans.judged(part.plan(), plans.featureOf(part, said.feature()));
        Optional<SizeSaidRow> before = sizes.findById(said.id());
        if (before.isPresent()) {
            if (!before.get().to().equals(said.to()) || before.get().partId() != said.part()) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(said.id());
        }
        said.to().ifPresent(to -> refuseUnlisted(feature, to, words));
        Optional<UUID> round = said.round() == 0
                ? Optional.empty()
                : Optional.of(rounds.cutOf(part, feature, said.round())
                        .orElseThrow(() ->
                                Refused.of(HttpStatus.CONFLICT, "no-such-round", words.say("problem.no-such-round"))));
        Person person = people.byId(said.person());
        long seq = journal.write(job, What.ROUND);
        sizes.save(new SizeSaidRow(
                said.id(),
                said.part(),
                said.feature(),
                round,
                said.to(),
                said.reason().strip(),
                person,
                clock.instant()));
        return Receipt.now(said.id(), seq);
    }

    /** Only what the plan lists, and as new, is a size that a part can be reworked to. */
    static void refuseUnlisted(Feature feature, Length to, Words words) {
        if (!feature.planned().canBecome(to)) {
            throw Refused.field("to", "no-such-size-step", words);
        }
    }
}
