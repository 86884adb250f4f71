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
import jakarta.persistence.Version;
import jawread.server.journal.Trailed;

/** The plan for one kind of part in a job: barrels, plungers. What it says stands in its revisions. */
@Entity
public class Plan implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Job job;

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

    protected Plan() {}

    Plan(Job job, int position, PlanHead head) {
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

    public PlanHead head() {
        return new PlanHead(name, shape, roundNames);
    }

    public long id() {
        return id;
    }

    public Job job() {
        return job;
    }

    public String name() {
        return name;
    }

    public PartShape shape() {
        return shape;
    }

    public RoundNames roundNames() {
        return roundNames;
    }

    public long version() {
        return version;
    }
}
