package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import jawread.server.journal.Trailed;

/** One of the parts that a plan serves. */
@Entity
public class Part implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Plan plan;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String mark;

    @Column(precision = 12, scale = 1)
    private BigDecimal runningHours;

    private Instant removedAt;

    protected Part() {}

    Part(Plan plan, int position, PartHead head) {
        this.plan = plan;
        write(position, head);
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("part", id.toString()).of(job().id()).called(name);
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

    public long id() {
        return id;
    }

    public Plan plan() {
        return plan;
    }

    public Job job() {
        return plan.job();
    }

    public String name() {
        return name;
    }

    /** Serial number, or what is stamped or painted on it. */
    public String mark() {
        return mark;
    }

    /** How long it has run; empty where nobody counts. */
    public Optional<BigDecimal> runningHours() {
        return Optional.ofNullable(runningHours);
    }
}
