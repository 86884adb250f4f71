package jawread.server.records;

import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Receipt;
import org.springframework.stereotype.Component;

/** Writes a job down while nobody waits, and signs what was written if the job is still that. */
@Component
class Signing {
    /** Of a shop that is busy at its drawer while somebody signs. */
    private static final int TRIES = 5;

    private final Records records;
    private final Freezing freezing;

    Signing(Records records, Freezing freezing) {
        this.records = records;
        this.freezing = freezing;
    }

    /** As {@link Records#sign}. Refuses a job, or a drawer, that does not stand still for so long. */
    Receipt sign(UUID id, long job, String seen, Person person) {
        for (int tried = 0; tried < TRIES; tried++) {
            boolean isFrozen = records.standing(job).isPresent();
            Optional<Receipt> signed = records.sign(id, job, seen, person, isFrozen ? null : freezing.draft(job));
            if (signed.isPresent()) {
                return signed.get();
            }
        }
        throw records.conflict("changed-while-signing");
    }
}
