package jawread.server.judgement;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.judge.NextStep;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people decided of parts against the rule that fired. */
@Service
public class PartDecisions {
    private static final int LONGEST_REASON = 400;
    private final PartDecisionRepository decisions;
    private final Judgements judgements;
    private final NextSteps steps;
    private final Jobs jobs;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;

    PartDecisions(
            PartDecisionRepository decisions,
            Judgements judgements,
            NextSteps steps,
            Jobs jobs,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.decisions = decisions;
        this.judgements = judgements;
        this.steps = steps;
        this.jobs = jobs;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /**
     * Keeps a decision beside the rule that it overrules, once. Refuses one without a reason, one over 400 characters, and a
     * step that is none, or that only says that somebody must decide.
     */
    @Transactional
    public Receipt decide(UUID id, long partId, String step, String reason, Person person) {
        locks.ofPart(partId);
        NextStep decided = Arrays.stream(NextStep.values())
                .filter(each -> each.code().equals(step) && each != NextStep.PERSON_DECIDES)
                .findFirst()
                .orElseThrow(() -> Refused.field("decided", "no-such-step", words));
        String why = reason.strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw Refused.field("reason", "decision-reason", words);
        }
        Optional<PartDecision> before = decisions.findById(id).map(PartDecisionRow::decision);
        if (before.isPresent()) {
            if (before.get().part() != partId
                    || !before.get().decided().equals(decided.code())
                    || !before.get().reason().equals(why)) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(id);
        }
        Part part = jobs.part(partId);
        String said = steps.of(part, judgements.of(part.plan())).code();
        long seq = journal.write(part.job().id(), What.MARK);
        decisions.save(new PartDecisionRow(id, part, said, decided.code(), why, person, clock.instant()));
        return Receipt.now(id, seq);
    }

    /** All of a part, in the order they were made. */
    @Transactional(readOnly = true)
    public List<PartDecision> of(Part part) {
        return decisions.findAllByPartIdOrderByMadeAt(part.id()).stream()
                .map(PartDecisionRow::decision)
                .toList();
    }
}
