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
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import jawread.core.assess.Feature;

/** A revision of a plan as kept. */
@Entity
@Table(name = "plan_revision")
class PlanRevisionRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private PlanRow plan;

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
    private final List<FeatureRow> features = new ArrayList<>();

    protected PlanRevisionRow() {}

    PlanRevisionRow(PlanRow plan, int number, Instant madeAt, List<FeatureRow> features) {
        this.plan = plan;
        this.number = number;
        this.madeAt = madeAt;
        this.features.addAll(features);
    }

    /** Something was read against it: it says the same for ever. */
    void fix(Instant at) {
        if (fixedAt == null) {
            fixedAt = at;
        }
    }

    private boolean isFixed() {
        return fixedAt != null;
    }

    /** Refuses to change what was read against. */
    void list(List<FeatureRow> now) {
        if (isFixed()) {
            throw new IllegalStateException("Revision " + number + " was read against and cannot change");
        }
        if (!features.equals(now)) {
            features.clear();
            features.addAll(now);
        }
    }

    long id() {
        return id;
    }

    int number() {
        return number;
    }

    List<FeatureRow> features() {
        return List.copyOf(features);
    }

    /** @param editions of its features, in their order */
    PlanRevision revision(List<Feature> editions) {
        return new PlanRevision(id, plan.plan(), number, isFixed(), editions);
    }
}
