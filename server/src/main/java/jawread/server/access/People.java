package jawread.server.access;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop, and who stands at which screen. */
@Service
public class People {
    private static final int LONGEST_NAME = 60;
    private final PersonRepository people;
    private final ShopSessionRepository sessions;
    private final Clock clock;
    private final Words words;
    private final Locks locks;
    /** Neither a person nor whose a screen's ticket is ever changes, and whatever is done asks for both. */
    private final Map<Long, Person> known = new ConcurrentHashMap<>();

    private final Map<UUID, Person> standing = new ConcurrentHashMap<>();

    public People(PersonRepository people, ShopSessionRepository sessions, Clock clock, Words words, Locks locks) {
        this.people = people;
        this.sessions = sessions;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    @Transactional(readOnly = true)
    public List<Person> all() {
        return people.findAllByOrderById();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Person byId(long id) {
        return Optional.ofNullable(
                        known.computeIfAbsent(id, of -> people.findById(of).orElse(null)))
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-person", words.say("problem.no-such-person")));
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
        return people.save(new Person(trimmed, does.strip()));
    }

    /** This person stands at a screen from now on; the answer is the screen's ticket. */
    @Transactional
    public UUID stepUp(long personId) {
        return sessions.save(new ShopSession(UUID.randomUUID(), byId(personId), clock.instant()))
                .id();
    }

    @Transactional(readOnly = true)
    Optional<Person> at(UUID session) {
        return Optional.ofNullable(standing.computeIfAbsent(
                session, of -> sessions.findById(of).map(ShopSession::person).orElse(null)));
    }
}
