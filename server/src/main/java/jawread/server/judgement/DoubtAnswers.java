package jawread.server.judgement;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.assess.Doubt.ZeroMoved;
import jawread.core.assess.ReadingMark.Answer;
import jawread.core.assess.ReadingMark.Kind;
import jawread.core.length.Length;
import jawread.server.live.Receipt;
import jawread.server.measure.Marks;
import jawread.server.measure.Marks.MakeMark;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers to a gauge that was found off: what becomes of the readings that rest on it. Each is said of each reading, and kept. */
@Service
class DoubtAnswers {
    private final DoubtPages doubts;
    private final Marks marks;
    private final Words words;

    DoubtAnswers(DoubtPages doubts, Marks marks, Words words) {
        this.doubts = doubts;
        this.marks = marks;
        this.words = words;
    }

    /** What a person decides. */
    enum Way {
        /** They no longer count; the walk asks for them anew. */
        READ_AGAIN,
        /** They stand as they are, for a reason. */
        ACCEPT,
        /** The gauge moved at a known moment: what was read from then on is put right, what was read before stands. */
        SHIFTED
    }

    /**
     * @param id made by the browser, so that sending it twice answers once
     * @param readings some of those in doubt, at least one
     * @param since when the gauge moved; empty for any other way
     */
    record Answered(
            UUID id, UUID check, Way way, List<UUID> readings, Optional<Instant> since, String reason, long person) {}

    /** As it would have been read on a gauge that stood right. */
    static Length corrected(ZeroMoved doubt) {
        return doubt.reading().hadNotMoved(doubt.on(), doubt.moved().moved());
    }

    /** Answers once; sent again it is the same answer. Refuses none, one that is not in doubt for this check, and a gauge that moved at no moment. */
    @Transactional
    public Receipt answer(Answered answered) {
        Set<UUID> asked = Set.copyOf(answered.readings());
        // Of all jobs that the gauge was read in, at once and in their order.
        Set<Long> jobs = marks.lockJobsOf(asked);
        if (!asked.isEmpty() && asked.stream().allMatch(reading -> marks.isMade(idOf(answered, reading)))) {
            return Receipt.before(answered.id());
        }
        Map<UUID, ZeroMoved> resting = doubts.restingOn(answered.check(), jobs).stream()
                .map(DoubtPages.Off::doubt)
                .collect(Collectors.toMap(doubt -> doubt.reading().id(), Function.identity()));
        if (answered.way() == Way.SHIFTED && answered.since().isEmpty()) {
            throw Refused.field("since", "moved-when", words);
        }
        if (asked.isEmpty() || !resting.keySet().containsAll(asked)) {
            throw Refused.field("readings", "not-in-doubt", words);
        }
        return new Receipt(
                answered.id(),
                asked.stream()
                        .map(resting::get)
                        .map(doubt -> mark(answered, doubt))
                        .reduce((one, last) -> last)
                        .flatMap(Receipt::seq),
                Receipt.When.NOW);
    }

    private static UUID idOf(Answered answered, UUID reading) {
        return UUID.nameUUIDFromBytes((answered.id() + " " + reading).getBytes(StandardCharsets.UTF_8));
    }

    private Receipt mark(Answered answered, ZeroMoved doubt) {
        UUID reading = doubt.reading().id();
        boolean isMoved = answered.since().stream()
                .noneMatch(since -> doubt.reading().takenAt().isBefore(since));
        Kind kind = switch (answered.way()) {
            case READ_AGAIN -> Kind.STRIKE;
            case ACCEPT -> Kind.KEEP;
            case SHIFTED -> isMoved ? Kind.CORRECT : Kind.KEEP;
        };
        Optional<Length> shouldBe = kind == Kind.CORRECT ? Optional.of(corrected(doubt)) : Optional.empty();
        return marks.make(new MakeMark(
                        idOf(answered, reading),
                        reading,
                        kind,
                        new Answer(shouldBe, Optional.of(answered.check()), Optional.empty()),
                        answered.reason(),
                        answered.person()))
                .receipt();
    }
}
