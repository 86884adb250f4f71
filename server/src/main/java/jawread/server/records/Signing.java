package jawread.server.records;

import java.util.Optional;
import java.util.UUID;
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
    private final WrittenAhead ahead;
    private final Signers signers;

    Signing(Records records, Freezing freezing, WrittenAhead ahead, Signers signers) {
        this.records = records;
        this.freezing = freezing;
        this.ahead = ahead;
        this.signers = signers;
    }

    /** Whoever has a page before them signs next, if nothing is missing any more: what they sign is written down meanwhile. */
    void expect(RecordView page) {
        if (page.here().may().equals(Records.Turn.SIGN.code())
                && page.halfDone() == null
                && records.standing(page.job()).isEmpty()) {
            ahead.begin(page.job());
        }
    }

    /**
     * As {@link Records#sign}. Refuses a job, or a drawer, that does not stand still for so long.
     *
     * @param passphrase of the person, who is proven by it; the job is being written down meanwhile
     */
    Receipt sign(UUID id, long job, String seen, Person person, String passphrase) {
        Optional<Freezing.Begun> begun = signers.prove(person, passphrase, () -> begun(job));
        for (int tried = 0; tried < TRIES; tried++) {
            Freezing.Draft draft = begun.map(Freezing.Begun::draft).orElse(null);
            Optional<Receipt> signed = records.sign(id, job, seen, person, draft);
            if (signed.isPresent()) {
                ahead.signed(job);
                return signed.get();
            }
            begun = begun(job);
        }
        throw records.conflict("changed-while-signing");
    }

    /** Empty where it was frozen already: another signature goes under the same. */
    private Optional<Freezing.Begun> begun(long job) {
        return records.standing(job).isPresent()
                ? Optional.empty()
                : ahead.of(job).or(() -> Optional.of(freezing.begin(job)));
    }
}
