package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;

/** One of the parts that a plan serves. */
@Entity
public class Part {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private PlanRevision planRevision;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String mark;

    protected Part() {}

    Part(PlanRevision planRevision, int position, NewJob.NewPart part) {
        this.planRevision = planRevision;
        this.position = position;
        this.name = part.name();
        this.mark = part.mark();
    }

    public long id() {
        return id;
    }

    public PlanRevision planRevision() {
        return planRevision;
    }

    public String name() {
        return name;
    }

    /** Serial number, or what is stamped or painted on it. */
    public String mark() {
        return mark;
    }
}
