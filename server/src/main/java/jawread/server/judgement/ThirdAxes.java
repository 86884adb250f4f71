package jawread.server.judgement;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import jawread.core.length.Refusal;
import jawread.core.walk.Axis;
import jawread.server.access.People;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes an axis that was offered because two crossed ones cannot see an oval between them. */
@Service
class ThirdAxes {
    private static final BigDecimal HALF_TURN = BigDecimal.valueOf(180);
    /** As they are kept. */
    private static final int MOST_DECIMALS = 4;

    private static final int MOST_DIGITS = 9;
    private final Jobs jobs;
    private final People people;
    private final Words words;
    private final JobLocks locks;

    ThirdAxes(Jobs jobs, People people, Words words, JobLocks locks) {
        this.jobs = jobs;
        this.people = people;
        this.words = words;
        this.locks = locks;
    }

    /** Refuses an angle outside [0°, 180°); an axis that is there already changes nothing. */
    @Transactional
    Receipt take(long partId, long featureId, BigDecimal degrees, List<String> sections, long person) {
        if (degrees.signum() < 0
                || degrees.compareTo(HALF_TURN) >= 0
                || degrees.scale() > MOST_DECIMALS
                || degrees.precision() > MOST_DIGITS) {
            var refusal = Refusal.of("axis-angle");
            throw Refused.field("degrees", refusal, words.say("refusal.axis-angle"));
        }
        locks.ofPart(partId);
        Part part = jobs.part(partId);
        // It has no number of its own, for it is there once.
        UUID id = UUID.nameUUIDFromBytes(
                (partId + " " + featureId + " " + degrees.stripTrailingZeros()).getBytes(StandardCharsets.UTF_8));
        return jobs.takeAxis(part, jobs.featureOf(part, featureId), Axis.at(degrees), sections, people.byId(person))
                .map(seq -> Receipt.now(id, seq))
                .orElse(Receipt.before(id));
    }
}
