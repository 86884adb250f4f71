package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.JoinTable;
import jakarta.persistence.ManyToMany;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** What is measured, where, and against which limits: one edition of a plan. */
@Entity
public class PlanRevision {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Plan plan;

    @Column(nullable = false)
    private int number;

    @Column(nullable = false)
    private Instant madeAt;

    private Instant fixedAt;

    @ManyToMany
    @JoinTable(
            name = "plan_feature",
            joinColumns = @JoinColumn(name = "plan_revision_id"),
            inverseJoinColumns = @JoinColumn(name = "feature_id"))
    @OrderColumn(name = "position")
    private final List<Feature> features = new ArrayList<>();

    protected PlanRevision() {}

    PlanRevision(Plan plan, int number, Instant madeAt, List<Feature> features) {
        this.plan = plan;
        this.number = number;
        this.madeAt = madeAt;
        this.features.addAll(features);
    }

    /** Something was read against it: it says the same for ever. */
    public void fix(Instant at) {
        if (fixedAt == null) {
            fixedAt = at;
        }
    }

    public boolean isFixed() {
        return fixedAt != null;
    }

    /** Refuses to change what was read against. */
    void list(List<Feature> now) {
        if (isFixed()) {
            throw new IllegalStateException("Revision " + number + " was read against and cannot change");
        }
        if (!features.equals(now)) {
            features.clear();
            features.addAll(now);
        }
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

    public int number() {
        return number;
    }

    public List<Feature> features() {
        return List.copyOf(features);
    }

    /** Those a gauge is put to and that are judged by limits. */
    public List<Feature> sizes() {
        return features.stream().filter(Feature::canBeMeasured).toList();
    }

    /** Those that are looked at. */
    public List<Feature> lookedAt() {
        return features.stream().filter(feature -> !feature.kind().isMeasured()).toList();
    }
}
