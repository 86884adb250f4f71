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
import jawread.core.length.Length;
import jawread.server.access.Person;
import org.hibernate.annotations.Immutable;

/** Where on a feature the gauge is put. */
@Entity
@Immutable
public class Place {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Feature feature;

    /** The same, to be asked of a place that outlives its transaction. */
    @Column(name = "feature_id", insertable = false, updatable = false)
    private Long featureId;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String section;

    @Column(nullable = false)
    private String axis;

    @Column(nullable = false, precision = 9, scale = 4)
    private BigDecimal angleDegrees;

    private Long depthPm;

    private String cannotBeMeasured;

    /** Of a place taken besides the plan's on one part; null for the plan's own. */
    private Long partId;

    @Column(name = "added_by")
    private Long addedBy;

    private Instant addedAt;

    protected Place() {}

    Place(Feature feature, int position, String name, jawread.core.walk.Place place) {
        this.feature = feature;
        this.position = position;
        this.name = name;
        this.section = place.section().name();
        this.axis = place.axis().name();
        this.angleDegrees = place.axis().degrees();
        this.depthPm = place.depth().map(Length::picometres).orElse(null);
        this.cannotBeMeasured = place.cannotBeMeasured().orElse(null);
    }

    /** The same section across another axis, on one part. @param beside a place of that section */
    Place(Place beside, int position, jawread.core.walk.Axis across, Part part, Person addedBy, Instant addedAt) {
        this.feature = beside.feature;
        this.position = position;
        this.name = beside.isOnlySection() ? across.name() : beside.section + ", " + across.name();
        this.section = beside.section;
        this.axis = across.name();
        this.angleDegrees = across.degrees();
        this.depthPm = beside.depthPm;
        this.partId = part.id();
        this.addedBy = addedBy.id();
        this.addedAt = addedAt;
    }

    /** Then a place is called after its axis alone. */
    private boolean isOnlySection() {
        return name.equals(axis);
    }

    public long id() {
        return id;
    }

    public long featureId() {
        return featureId == null ? feature.id() : featureId;
    }

    public String name() {
        return name;
    }

    public String section() {
        return section;
    }

    public String axis() {
        return axis;
    }

    /** From the feature's own face; empty while nobody has said how long the feature is. */
    public Optional<Length> depth() {
        return Optional.ofNullable(depthPm).map(Length::ofPicometres);
    }

    /** Around, from 0 up to but not 360. */
    public BigDecimal degrees() {
        return angleDegrees;
    }

    /** Whether a gauge is put there on this part: the plan says so of all parts, a third axis was taken on one. */
    public boolean isOf(Part part) {
        return partId == null || partId == part.id();
    }

    /** Whether it was taken besides those of the plan. */
    boolean isAdded() {
        return partId != null;
    }

    /** Why no gauge gets there; empty where one does. */
    public Optional<String> cannotBeMeasured() {
        return Optional.ofNullable(cannotBeMeasured);
    }

    public boolean canBeMeasured() {
        return cannotBeMeasured == null;
    }
}
