package jawread.server.ready;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Jobs;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The clocks of parts that soak; they run while other things are done, and over a restart. */
@Service
class Soakings {
    private static final int LONGEST_NAME = 80;
    private static final long MOST_MINUTES = 2880;
    private final SoakingRepository soakings;
    private final Jobs jobs;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    Soakings(SoakingRepository soakings, Jobs jobs, Journal journal, Clock clock, Words words, Locks locks) {
        this.soakings = soakings;
        this.jobs = jobs;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** @param part absent where it belongs to none */
    record SoakingView(UUID id, String what, @Nullable Long part, Instant until) {}

    @Transactional(readOnly = true)
    public List<SoakingView> all() {
        return soakings.findAllByOrderByUntil().stream()
                .map(each ->
                        new SoakingView(each.getId(), each.what(), each.partId().orElse(null), each.until()))
                .toList();
    }

    /** Starts a clock, once. Refuses what has no name, and less than a minute or more than two days. */
    @Transactional
    public void start(UUID id, String what, Optional<Long> part, long minutes, Person person) {
        locks.drawer();
        if (soakings.existsById(id)) {
            return;
        }
        String name = what.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.field("what", "bad-soaking-name", words);
        }
        if (minutes < 1 || minutes > MOST_MINUTES) {
            throw Refused.field("minutes", "bad-soaking-minutes", words);
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        Instant now = clock.instant();
        soakings.save(new Soaking(id, name, part.map(jobs::part), person, now, now.plus(Duration.ofMinutes(minutes))));
    }

    /** Takes it off the list; one that is gone already is no error. */
    @Transactional
    public void end(UUID id) {
        locks.drawer();
        journal.write(Journal.DRAWER, What.DRAWER);
        soakings.deleteById(id);
    }
}
