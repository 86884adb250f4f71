package jawread.server.ready;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.job.JobLocks;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done or passed over before measuring; it counts until the shop's break is over. */
@Service
class ReadyMarks {
    private static final int LONGEST_CARD = 60;
    private static final int LONGEST_REASON = 400;
    private final ReadyMarkRepository marks;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;

    ReadyMarks(
            ReadyMarkRepository marks,
            ShopSettings settings,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.marks = marks;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** Keeps it, once. @param reason why it was passed over; empty when it was done */
    @Transactional
    public void keep(UUID id, Job job, String card, String reason, Person person) {
        locks.ofJob(job.id());
        Optional<ReadyMark> before = marks.findById(id);
        if (before.isPresent()) {
            if (before.get().jobId() != job.id() || !before.get().card().equals(card)) {
                throw Refused.keptOtherwise(words);
            }
            return;
        }
        if (card.isBlank() || card.length() > LONGEST_CARD) {
            throw Refused.field("card", "no-such-card", words);
        }
        if (reason.length() > LONGEST_REASON) {
            throw Refused.field("reason", "long-note", words);
        }
        journal.write(job.id(), What.LOOK);
        marks.save(new ReadyMark(id, job, card, reason.strip(), person, clock.instant()));
    }

    @Transactional(readOnly = true)
    public List<ReadyMark> lately(Job job) {
        Instant oldest = clock.instant()
                .minus(Duration.ofHours(
                        settings.number(Setting.CHECK_BREAK_HOURS).longValue()));
        return marks.findAllByJobIdAndAtGreaterThanOrderByAt(job.id(), oldest);
    }
}
