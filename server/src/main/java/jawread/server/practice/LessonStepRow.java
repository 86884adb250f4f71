package jawread.server.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.core.length.LengthUnit;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** How far somebody has come in the first lesson, as kept; the last one stands. */
@Entity
@Table(name = "lesson_step")
@Immutable
class LessonStepRow extends Kept {
    @Id
    private UUID id;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LengthUnit unit;

    @Column(nullable = false)
    private int step;

    @Column(nullable = false)
    private Instant madeAt;

    protected LessonStepRow() {}

    LessonStepRow(UUID id, long person, LengthUnit unit, int step, Instant madeAt) {
        this.id = id;
        this.person = person;
        this.unit = unit;
        this.step = step;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    LengthUnit unit() {
        return unit;
    }

    int step() {
        return step;
    }
}
