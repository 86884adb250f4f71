package jawread.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import jawread.server.journal.Journal;
import jawread.server.journal.Trailed.Under;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may sign, and that it is they who do: a passphrase of their own, set once at the shop's own machine, given at each signature. */
@Service
public class Signers {
    private static final PasswordEncoder HASHES = new BCryptPasswordEncoder(10);

    private final People people;
    private final SignerPassphraseRepository passphrases;
    private final Tries tries;
    private final Journal journal;
    private final Locks locks;
    private final Clock clock;
    private final Words words;

    Signers(
            People people,
            SignerPassphraseRepository passphrases,
            Tries tries,
            Journal journal,
            Locks locks,
            Clock clock,
            Words words) {
        this.people = people;
        this.passphrases = passphrases;
        this.tries = tries;
        this.journal = journal;
        this.locks = locks;
        this.clock = clock;
        this.words = words;
    }

    /** @param since when their passphrase was set; empty where they have none yet */
    public record Signer(Person person, Optional<Instant> since) {}

    /** A learner does not, whatever else they may. */
    public static boolean maySign(Person person) {
        return person.may(May.SIGNS) && !person.may(May.LEARNS);
    }

    /** All who may sign. */
    @Transactional(readOnly = true)
    public List<Signer> all() {
        Map<Long, SignerPassphraseRow> last = passphrases.findAllByOrderBySetAt().stream()
                .collect(Collectors.toMap(SignerPassphraseRow::person, Function.identity(), (before, after) -> after));
        return people.all().stream()
                .filter(Signers::maySign)
                .map(person -> new Signer(
                        person, Optional.ofNullable(last.get(person.id())).map(SignerPassphraseRow::setAt)))
                .toList();
    }

    /**
     * Sets somebody's passphrase; only its hash is kept. Refuses one who may not sign, one that is too short, and whoever is neither its owner,
     * with the one before, nor keeps the drawer.
     *
     * @param before the one that stands now; empty where there is none, and where it is set anew by who keeps the drawer
     */
    @Transactional
    public void set(long personId, String before, String passphrase, String again, Person by) {
        Person person = people.byId(personId);
        if (!maySign(person)) {
            throw mayNot(person);
        }
        boolean isOwner = by.id() == personId;
        if (!isOwner && !by.may(May.KEEPS_THE_DRAWER)) {
            throw Refused.of(
                    HttpStatus.FORBIDDEN,
                    "not-your-passphrase",
                    words.say("problem.not-your-passphrase", Map.of("who", person.name())));
        }
        boolean isFirst = !hasPassphrase(person);
        if (isOwner && !isFirst) {
            prove(person, before);
        }
        if (!passphrase.equals(again)) {
            throw Refused.field("again", "passphrases-differ", words);
        }
        if (!Passphrase.isLongEnough(passphrase)) {
            throw Refused.field("passphrase", "passphrase-short", words);
        }
        keep(person, HASHES.encode(passphrase), isFirst, by);
    }

    /** Whether one was ever set for them. */
    @Transactional(readOnly = true)
    public boolean hasPassphrase(Person person) {
        return passphrases.findFirstByPersonOrderBySetAtDesc(person.id()).isPresent();
    }

    private void keep(Person person, String hash, boolean isFirst, Person by) {
        locks.settings();
        passphrases.save(new SignerPassphraseRow(person.id(), hash, by.id(), clock.instant()));
        journal.changed(
                Under.ofTheShop("person", Long.toString(person.id())),
                "passphrase",
                isFirst ? null : words.say("trail.passphrase.before"),
                words.say("trail.passphrase.set"));
    }

    private void prove(Person person, String passphrase) {
        prove(person, passphrase, () -> null);
    }

    /**
     * Refuses one who may not sign, who has no passphrase yet, a wrong one, and one tried too often. Slow, so that it cannot be guessed, and one
     * at a time, so that many at once are not tried before the first is found wrong.
     *
     * @param meanwhile what begins once nothing but the passphrase itself can be wrong, which takes its time
     * @return what was begun
     */
    public synchronized <T> T prove(Person person, String passphrase, Supplier<T> meanwhile) {
        if (!maySign(person)) {
            throw mayNot(person);
        }
        String whose = "signer " + person.id();
        Duration wait = tries.wait(whose);
        if (wait.compareTo(Duration.ZERO) > 0) {
            throw Refused.of(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "too-many-tries",
                    words.say(
                            "problem.too-many-tries",
                            Map.of("minutes", Math.max(1, wait.plusSeconds(59).toMinutes()))));
        }
        SignerPassphraseRow stands = passphrases
                .findFirstByPersonOrderBySetAtDesc(person.id())
                .orElseThrow(() -> Refused.of(
                        HttpStatus.CONFLICT,
                        "no-passphrase-yet",
                        words.say("problem.no-passphrase-yet", Map.of("who", person.name()))));
        T begun = meanwhile.get();
        boolean isTheirs = Passphrase.isLookedAt(passphrase) && HASHES.matches(passphrase, stands.hash());
        if (!isTheirs) {
            tries.wasWrong(whose);
            throw Refused.of(
                    HttpStatus.FORBIDDEN,
                    "passphrase-wrong",
                    words.say("problem.passphrase-wrong", Map.of("who", person.name())));
        }
        tries.wasRight(whose);
        return begun;
    }

    private Refused mayNot(Person person) {
        return Refused.of(
                HttpStatus.FORBIDDEN, "may-not-sign", words.say("problem.may-not-sign", Map.of("who", person.name())));
    }
}
