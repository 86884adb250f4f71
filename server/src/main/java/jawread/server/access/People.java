package jawread.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.server.storage.Locks;
import jawread.server.tables.CanonicalJson;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop, what they may, and who stands at which screen. */
@Service
public class People {
    /** Whoever was away longer touches their name again. */
    static final Duration TICKET_LIFE = Duration.ofDays(30);

    /** A ticket that has less left than this is not used again when a name is touched. */
    private static final Duration RENEWED_BEFORE = Duration.ofDays(20);

    static final int LONGEST_NAME = 60;

    private static final Kind<Long, Optional<Person>> PERSON = Kind.small("person");
    /** By the digest of the secret. */
    private static final Kind<String, Optional<Ticket>> TICKET = Kind.small("ticket");

    private final Snapshots snapshots;
    private final PersonRepository people;
    private final ShopSessionRepository sessions;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    public People(
            Snapshots snapshots,
            PersonRepository people,
            ShopSessionRepository sessions,
            Clock clock,
            Words words,
            Locks locks) {
        this.snapshots = snapshots;
        this.people = people;
        this.sessions = sessions;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** Whose a ticket is, and until when. */
    record Ticket(Person person, Instant endsAt) {
        boolean hasEnded(Instant now) {
            return !now.isBefore(endsAt);
        }
    }

    /** A ticket that is still good. @param screen where that is, as it was said when the person stepped up */
    record SignedOn(long id, String person, String screen, Instant openedAt, Instant endsAt) {}

    @Transactional(readOnly = true)
    public List<Person> all() {
        return people.findAllByOrderById().stream().map(PersonRow::person).toList();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Person byId(long id) {
        return find(id).orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-person", words.say("problem.no-such-person")));
    }

    /** What the person of a number is called. */
    @Transactional(readOnly = true)
    public String nameOf(long id) {
        return byId(id).name();
    }

    Optional<Person> find(long id) {
        return snapshots.of(
                PERSON, id, List.of(Subject.SHOP), () -> people.findById(id).map(PersonRow::person));
    }

    /** Refuses an empty or over-long name, and one that is already here. */
    @Transactional
    public Person add(String name, String does) {
        locks.settings();
        String trimmed = name.strip();
        if (trimmed.isEmpty() || trimmed.length() > LONGEST_NAME) {
            throw Refused.field("name", "bad-name", words);
        }
        if (people.existsByNameIgnoreCase(trimmed)) {
            throw Refused.field("name", "name-taken", words);
        }
        return people.save(new PersonRow(trimmed, does.strip())).person();
    }

    /** Decides what somebody may from now on. Refuses what is not on the list with 422. */
    @Transactional
    public Person decide(long personId, List<String> may) {
        locks.settings();
        PersonRow person = people.findById(personId)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-person", words.say("problem.no-such-person")));
        Set<May> now = EnumSet.noneOf(May.class);
        for (String code : may) {
            now.add(May.of(code).orElseThrow(() -> Refused.field("may", "no-such-may", words)));
        }
        person.may(now);
        return people.save(person).person();
    }

    /**
     * This person stands at a screen from now on.
     *
     * @param screen where that is, in a few words
     * @param former the secret of a ticket that the screen has of this person already; still good for long, it is left as it is
     * @return the ticket's secret, which is kept nowhere here
     */
    @Transactional
    public String stepUp(long personId, String screen, Optional<String> former) {
        Instant now = clock.instant();
        Optional<String> good = former.filter(secret -> ticket(secret)
                .filter(ticket -> ticket.person().id() == personId && !ticket.hasEnded(now.plus(RENEWED_BEFORE)))
                .isPresent());
        if (good.isPresent()) {
            return good.get();
        }
        String secret = Secret.another();
        sessions.save(
                new ShopSession(CanonicalJson.digest(secret), byId(personId).id(), screen, now, now.plus(TICKET_LIFE)));
        return secret;
    }

    @Transactional(readOnly = true)
    List<SignedOn> signedOn() {
        return sessions.findAllOpen(clock.instant()).stream()
                .map(session -> new SignedOn(
                        session.id(), nameOf(session.person()), session.screen(), session.openedAt(), session.endsAt()))
                .toList();
    }

    /** Ends a ticket: at that screen somebody touches their name again before anything is kept. */
    @Transactional
    void end(long sessionId) {
        locks.settings();
        ShopSession session = sessions.findById(sessionId)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-ticket", words.say("problem.no-such-ticket")));
        Instant now = clock.instant();
        if (now.isBefore(session.endsAt())) {
            session.end(now);
            sessions.save(session);
        }
    }

    /** The ticket of a secret, ended or not; empty where it is nobody's. */
    @Transactional(readOnly = true)
    Optional<Ticket> ticket(String secret) {
        return snapshots.of(
                TICKET, CanonicalJson.digest(secret), List.of(Subject.SHOP), () -> found(CanonicalJson.digest(secret)));
    }

    private Optional<Ticket> found(String digest) {
        return sessions.findByDigest(digest).map(session -> new Ticket(byId(session.person()), session.endsAt()));
    }

    boolean hasEnded(Ticket ticket) {
        return ticket.hasEnded(clock.instant());
    }
}
