package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import jawread.core.judge.PlaceAverage;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.LengthUnit;

/** A job, with the unit its limits are written in and the schools in force. */
@Entity
public class Job {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String about;

    @Column(nullable = false)
    private String limitsSource;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LengthUnit unit;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private RepeatSchool repeatSchool;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PlaceAverage placeAverage;

    @Column(nullable = false)
    private boolean demonstration;

    @Column(nullable = false)
    private Instant openedAt;

    @Version
    private long version;

    protected Job() {}

    Job(NewJob plan, Instant openedAt) {
        this.name = plan.name();
        this.about = plan.about();
        this.limitsSource = plan.limitsSource();
        this.unit = plan.unit();
        this.repeatSchool = plan.repeatSchool();
        this.placeAverage = plan.placeAverage();
        this.demonstration = plan.demonstration();
        this.openedAt = openedAt;
    }

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    public String about() {
        return about;
    }

    /** The drawing and revision, or manual and page, that the limits come from. */
    public String limitsSource() {
        return limitsSource;
    }

    public LengthUnit unit() {
        return unit;
    }

    public RepeatSchool repeatSchool() {
        return repeatSchool;
    }

    public PlaceAverage placeAverage() {
        return placeAverage;
    }

    /** Whether it is made up, and says so on every page. */
    public boolean demonstration() {
        return demonstration;
    }
}
