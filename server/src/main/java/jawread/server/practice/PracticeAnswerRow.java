package jawread.server.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.misread.Slip;
import jawread.core.practice.Item;
import jawread.core.practice.Judged;
import jawread.core.practice.Try;
import jawread.core.scale.Parts;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** An item as it was answered, as kept. */
@Entity
@Table(name = "practice_answer")
@Immutable
class PracticeAnswerRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID setId;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private int number;

    @Column(nullable = false)
    private String scaleId;

    private String aimed;
    private String typed;
    private String parts;

    @Column(nullable = false)
    private long answerPm;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Judged.Outcome outcome;

    @Column(nullable = false)
    private String slips;

    @Column(nullable = false)
    private long tookMs;

    @Column(nullable = false)
    private Instant madeAt;

    protected PracticeAnswerRow() {}

    PracticeAnswerRow(Practice.Sent sent, Person by, Item item, AnswersRead.Read answer, Instant now) {
        this.id = sent.id();
        this.setId = sent.set();
        this.person = by.id();
        this.number = sent.number();
        this.scaleId = item.scale().id();
        this.aimed = item.aimed().map(Slip::code).orElse(null);
        this.typed = sent.typed().orElse(null);
        this.parts = sent.parts().map(Parts::toString).orElse(null);
        this.answerPm = answer.length().picometres();
        this.outcome = answer.judged().outcome();
        this.slips =
                answer.judged().slips().stream().map(slip -> slip.slip().code()).collect(Collectors.joining(" "));
        this.tookMs = sent.took().toMillis();
        this.madeAt = now;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID setId() {
        return setId;
    }

    /** Whether it says just what was sent: then that is this one, sent again. */
    boolean isKeptAs(Practice.Sent sent) {
        return setId.equals(sent.set())
                && number == sent.number()
                && Optional.ofNullable(typed).equals(sent.typed())
                && Optional.ofNullable(parts).equals(sent.parts().map(Parts::toString));
    }

    private List<Slip> slips() {
        return Arrays.stream(slips.split(" "))
                .flatMap(code -> Slip.of(code).stream())
                .toList();
    }

    /** @param heard whether its set was */
    Try tried(boolean heard) {
        return new Try(
                scaleId,
                Optional.ofNullable(aimed).flatMap(Slip::of),
                outcome.isRight(),
                slips(),
                Duration.ofMillis(tookMs),
                madeAt,
                heard);
    }
}
