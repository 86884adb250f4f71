package jawread.server.measure;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.job.Lineage;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Says once of a part that readings under earlier revisions count again. Until then they had counted under their own edition of the feature
 * alone, so that its verdict may be another one than was last seen.
 */
@Service
public class CountsAgain {
    private static final Kind<Long, Optional<String>> SAID = Kind.small("counts again");

    private final CountsAgainRepository rows;
    private final PlansInForce plans;
    private final Snapshots snapshots;
    private final Journal journal;
    private final JobLocks locks;
    private final Clock clock;
    private final Words words;

    CountsAgain(
            CountsAgainRepository rows,
            PlansInForce plans,
            Snapshots snapshots,
            Journal journal,
            JobLocks locks,
            Clock clock,
            Words words) {
        this.rows = rows;
        this.plans = plans;
        this.snapshots = snapshots;
        this.journal = journal;
        this.locks = locks;
        this.clock = clock;
        this.words = words;
    }

    /** Empty where there are none, and once somebody has seen it. */
    @Transactional(readOnly = true)
    public Optional<String> of(Part part) {
        return snapshots.of(SAID, part.id(), List.of(Subject.plan(part.job().id())), () -> said(part));
    }

    private Optional<String> said(Part part) {
        List<CountsAgainRow> untold = rows.findAllUntold(part.id());
        if (untold.isEmpty()) {
            return Optional.empty();
        }
        Lineage lineage = plans.lineage(plans.newest(part.plan()));
        return Optional.of(words.say(
                "plan.counts-again",
                Map.of(
                        "readings",
                        untold.stream()
                                .map(row -> words.say(
                                        "plan.readings-under",
                                        Map.of(
                                                "count",
                                                row.readings(),
                                                "number",
                                                lineage.revisions().get(row.planRevisionId()))))
                                .collect(Collectors.joining(", ")),
                        "count",
                        untold.stream().mapToInt(CountsAgainRow::readings).sum())));
    }

    /** Somebody has seen it; once more changes nothing. */
    @Transactional
    public Receipt seen(long partId, Person person) {
        long job = locks.ofPart(partId);
        List<CountsAgainRow> untold = rows.findAllUntold(partId);
        var id = new UUID(0, partId);
        if (untold.isEmpty()) {
            return Receipt.before(id);
        }
        long seq = journal.write(job, What.PLAN);
        untold.forEach(row -> row.told(person, clock.instant()));
        return Receipt.now(id, seq);
    }
}
