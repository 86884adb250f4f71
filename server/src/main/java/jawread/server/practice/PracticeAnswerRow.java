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
import jawread.core.length.Length;
import jawread.core.misread.Slip;
import jawread.core.practice.Item;
import jawread.core.practice.Judged;
import jawread.core.practice.Try;
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

    PracticeAnswerRow(Practice.Answer asked, PracticeSet set, Item item, Length answer, Judged judged, Instant now) {
        this.id = asked.id();
        this.setId = set.id();
        this.person = set.person();
        this.number = asked.number();
        this.scaleId = item.scale().id();
        this.aimed = item.aimed().map(Slip::code).orElse(null);
        this.typed = asked.typed().orElse(null);
        this.parts = asked.parts().map(Object::toString).orElse(null);
        this.answerPm = answer.picometres();
        this.outcome = judged.outcome();
        this.slips = judged.slips().stream().map(slip -> slip.slip().code()).collect(Collectors.joining(" "));
        this.tookMs = asked.took().toMillis();
        this.madeAt = now;
    }

    @Override
    public UUID getId() {
        return id;
    }

    UUID setId() {
        return setId;
    }

    int number() {
        return number;
    }

    Length answer() {
        return Length.ofPicometres(answerPm);
    }

    Judged.Outcome outcome() {
        return outcome;
    }

    Optional<String> typed() {
        return Optional.ofNullable(typed);
    }

    Instant madeAt() {
        return madeAt;
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
