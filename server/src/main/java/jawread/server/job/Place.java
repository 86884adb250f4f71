package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.util.Optional;
import jawread.core.length.Length;
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

    public boolean canBeMeasured() {
        return cannotBeMeasured == null;
    }
}
