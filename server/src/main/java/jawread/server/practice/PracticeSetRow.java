package jawread.server.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.misread.Slip;
import jawread.core.practice.Level;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A set of items as kept. */
@Entity
@Table(name = "practice_set")
@Immutable
class PracticeSetRow extends Kept {
    @Id
    private UUID id;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private String scales;

    @Column(nullable = false)
    private String level;

    private String onlySlip;

    @Column(nullable = false)
    private boolean toSet;

    @Column(nullable = false)
    private boolean heard;

    @Column(nullable = false)
    private long seed;

    @Column(nullable = false)
    private int items;

    @Column(nullable = false)
    private Instant begunAt;

    protected PracticeSetRow() {}

    PracticeSetRow(PracticeSet set) {
        this.id = set.id();
        this.person = set.person();
        this.scales = set.scales().stream().map(Scale::id).collect(Collectors.joining(" "));
        this.level = set.level().code();
        this.onlySlip = set.only().map(Slip::code).orElse(null);
        this.toSet = set.toSet();
        this.heard = set.heard();
        this.seed = set.seed();
        this.items = set.items();
        this.begunAt = set.begunAt();
    }

    @Override
    public UUID getId() {
        return id;
    }

    PracticeSet set() {
        return new PracticeSet(
                id,
                person,
                Arrays.stream(scales.split(" "))
                        .map(each -> Scales.of(each).orElseThrow())
                        .toList(),
                Level.of(level).orElseThrow(),
                Optional.ofNullable(onlySlip).flatMap(Slip::of),
                toSet,
                heard,
                seed,
                items,
                begunAt);
    }
}
