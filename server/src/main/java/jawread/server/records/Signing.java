package jawread.server.records;

import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import jawread.server.access.Person;
import jawread.server.access.Signers;
import jawread.server.live.Receipt;
import org.springframework.stereotype.Component;

/** Writes a job down under no lock, and signs what was written if the job is still that. */
@Component
class Signing {
    /** Of a shop that is busy at its drawer while somebody signs. */
    private static final int TRIES = 5;

    private final Records records;
    private final Freezing freezing;
    private final Signers signers;

    Signing(Records records, Freezing freezing, Signers signers) {
        this.records = records;
        this.freezing = freezing;
        this.signers = signers;
    }

    /**
     * As {@link Records#sign}. Refuses a job, or a drawer, that does not stand still for so long.
     *
     * @param passphrase of the person, who is proven by it; the job is being written down meanwhile
     */
    Receipt sign(UUID id, long job, String seen, Person person, String passphrase) {
        ExecutorService beside = Executors.newSingleThreadExecutor();
        try {
            Optional<Freezing.Begun> begun = signers.prove(person, passphrase, () -> begun(job, beside));
            for (int tried = 0; tried < TRIES; tried++) {
                Freezing.Draft draft = begun.map(Freezing.Begun::draft).orElse(null);
                Optional<Receipt> signed = records.sign(id, job, seen, person, draft);
                if (signed.isPresent()) {
                    return signed.get();
                }
                begun = begun(job, beside);
            }
        } finally {
            // Never interrupted: a thread that is, while it reads, closes the shop's file with it.
            beside.shutdown();
        }
        throw records.conflict("changed-while-signing");
    }

    /** Empty where it was frozen already: another signature goes under the same. */
    private Optional<Freezing.Begun> begun(long job, ExecutorService beside) {
        return records.standing(job).isPresent() ? Optional.empty() : Optional.of(freezing.begin(job, beside));
    }
}
