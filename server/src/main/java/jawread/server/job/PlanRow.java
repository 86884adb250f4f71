package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import jawread.server.journal.Trailed;

/** A plan as kept. */
@Entity
@Table(name = "plan")
class PlanRow implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private JobRow job;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PartShape shape;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private RoundNames roundNames;

    /** Goes up with each change of its parts: they stand in rows of their own, which the version alone would not see. */
    @Column(nullable = false)
    private int partsListed;

    @Version
    private long version;

    protected PlanRow() {}

    PlanRow(JobRow job, int position, PlanHead head) {
        this.job = job;
        this.position = position;
        write(head);
    }

    void write(PlanHead head) {
        name = head.name();
        shape = head.shape();
        roundNames = head.roundNames();
    }

    void touch() {
        partsListed++;
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("plan", id.toString()).of(job.id()).called(name);
    }

    Plan plan() {
        return new Plan(id, version, job.job(), new PlanHead(name, shape, roundNames));
    }

    long id() {
        return id;
    }
}
