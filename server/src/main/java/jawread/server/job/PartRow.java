package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import jawread.server.journal.Trailed;

/** A part as kept. */
@Entity
@Table(name = "part")
class PartRow implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private PlanRow plan;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String mark;

    @Column(precision = 12, scale = 1)
    private BigDecimal runningHours;

    /** Whether it was listed when its mark alone told in which other jobs it stands. */
    @Column(nullable = false, updatable = false)
    private boolean toldByMark;

    private Instant removedAt;

    protected PartRow() {}

    PartRow(PlanRow plan, int position, PartHead head) {
        this.plan = plan;
        write(position, head);
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("part", id.toString()).of(plan.plan().job().id()).called(name);
    }

    void write(int at, PartHead head) {
        position = at;
        name = head.name();
        mark = head.mark();
        runningHours = head.runningHours().orElse(null);
    }

    /** Taken off the list; what was read on it stays. */
    void remove(Instant at) {
        removedAt = at;
    }

    long id() {
        return id;
    }

    Part part() {
        return new Part(id, plan.plan(), new PartHead(name, mark, Optional.ofNullable(runningHours)), toldByMark);
    }
}
