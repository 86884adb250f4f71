package jawread.server.job;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;

/** One size of the part: its limits, and the places where it is measured. */
@Entity
public class Feature {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private PlanRevision planRevision;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private FeatureKind kind;

    @Column(nullable = false)
    private boolean diameter;

    @Column(nullable = false)
    private String limitsTyped;

    private Long lowPm;
    private Long highPm;

    @Column(nullable = false)
    private long limitsStepPm;

    @Column(nullable = false)
    private long startsPm;

    @Column(nullable = false)
    private long lengthPm;

    @OneToMany(mappedBy = "feature", cascade = CascadeType.PERSIST)
    @OrderBy("position")
    private final List<Place> places = new ArrayList<>();

    protected Feature() {}

    Feature(PlanRevision planRevision, int position, NewJob.NewFeature feature) {
        TypedLimits typed = feature.limits();
        this.planRevision = planRevision;
        this.position = position;
        this.name = feature.name();
        this.kind = feature.kind();
        this.diameter = feature.diameter();
        this.limitsTyped = feature.limitsTyped();
        this.lowPm = typed.limits().low().map(Length::picometres).orElse(null);
        this.highPm = typed.limits().high().map(Length::picometres).orElse(null);
        this.limitsStepPm = typed.resolution().picometres();
        this.startsPm = feature.starts().picometres();
        this.lengthPm = feature.length().picometres();
        feature.places().forEach(place -> places.add(new Place(this, places.size() + 1, place)));
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

    public FeatureKind kind() {
        return kind;
    }

    /** Whether the size is a diameter, so that a cut is also said for one side. */
    public boolean diameter() {
        return diameter;
    }

    public Limits limits() {
        return new Limits(
                Optional.ofNullable(lowPm).map(Length::ofPicometres),
                Optional.ofNullable(highPm).map(Length::ofPicometres));
    }

    /** One unit of the last decimal that the limits were typed with. */
    public Length limitsStep() {
        return Length.ofPicometres(limitsStepPm);
    }

    /** Where it begins along the part, from the part's left end. */
    public Length starts() {
        return Length.ofPicometres(startsPm);
    }

    public Length length() {
        return Length.ofPicometres(lengthPm);
    }

    public List<Place> places() {
        return List.copyOf(places);
    }
}
