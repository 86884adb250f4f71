package jawread.server.records;

import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import jawread.server.access.Person;
import jawread.server.live.Receipt;
import org.springframework.stereotype.Component;

/** Writes a job down under no lock, and signs what was written if the job is still that. */
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

    /**
     * As {@link Records#sign}. Refuses a job, or a drawer, that does not stand still for so long.
     *
     * @param proof that it is this person: refuses whoever is not. A good passphrase takes its time; the job is being written down meanwhile.
     */
    Receipt sign(UUID id, long job, String seen, Person person, Runnable proof) {
        ExecutorService beside = Executors.newSingleThreadExecutor();
        try {
            Optional<Freezing.Begun> begun = begun(job, beside);
            proof.run();
            for (int tried = 0; tried < TRIES; tried++) {
                Freezing.Draft draft = begun.map(Freezing.Begun::draft).orElse(null);
                Optional<Receipt> signed = records.sign(id, job, seen, person, draft);
                if (signed.isPresent()) {
                    return signed.get();
                }
                begun = begun(job, beside);
            }
        } finally {
            beside.shutdownNow();
        }
        throw records.conflict("changed-while-signing");
    }

    /** Empty where it was frozen already: another signature goes under the same. */
    private Optional<Freezing.Begun> begun(long job, ExecutorService beside) {
        return records.standing(job).isPresent() ? Optional.empty() : Optional.of(freezing.begin(job, beside));
    }
}
