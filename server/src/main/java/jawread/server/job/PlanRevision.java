package jawread.server.job;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** What is measured, where, and against which limits: one edition of a job's plan. */
@Entity
public class PlanRevision {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Job job;

    @Column(nullable = false)
    private int number;

    @Column(nullable = false)
    private Instant madeAt;

    @OneToMany(mappedBy = "planRevision", cascade = CascadeType.PERSIST)
    @OrderBy("position")
    private final List<Feature> features = new ArrayList<>();

    protected PlanRevision() {}

    PlanRevision(Job job, int number, Instant madeAt) {
        this.job = job;
        this.number = number;
        this.madeAt = madeAt;
    }

    void add(NewJob.NewFeature feature) {
        features.add(new Feature(this, features.size() + 1, feature));
    }

    public long id() {
        return id;
    }

    public Job job() {
        return job;
    }

    public List<Feature> features() {
        return List.copyOf(features);
    }
}
