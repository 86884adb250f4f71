package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import jawread.core.assess.Place;
import jawread.core.length.Length;
import jawread.core.walk.Axis;
import jawread.server.access.Person;
import org.hibernate.annotations.Immutable;

/** A place as kept. */
@Entity
@Table(name = "place")
@Immutable
class PlaceRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private long featureId;

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

    /** Of one taken besides: whether a hand found it. Its axis is an empty text where nobody said at which angle it lies. */
    @Column(nullable = false)
    private boolean byHand;

    @Column(name = "added_by")
    private Long addedBy;

    private Instant addedAt;

    protected PlaceRow() {}

    PlaceRow(long feature, int position, String name, jawread.core.walk.Place place) {
        this.featureId = feature;
        this.position = position;
        this.name = name;
        this.section = place.section().name();
        this.axis = place.axis().name();
        this.angleDegrees = place.axis().degrees();
        this.depthPm = place.depth().map(Length::picometres).orElse(null);
        this.cannotBeMeasured = place.cannotBeMeasured().orElse(null);
    }

    /** The same section across another axis, on one part. @param beside a place of that section */
    PlaceRow(long feature, Place beside, int position, Axis across, long part, Person addedBy, Instant addedAt) {
        this.featureId = feature;
        this.position = position;
        this.name = across(beside, across.name());
        this.section = beside.section();
        this.axis = across.name();
        this.angleDegrees = across.degrees();
        this.depthPm = beside.depth().map(Length::picometres).orElse(null);
        this.partId = part;
        this.addedBy = addedBy.id();
        this.addedAt = addedAt;
    }

    /** One that a hand found on a part. @param across empty where nobody said at which angle it lies */
    PlaceRow(
            long feature,
            String called,
            Optional<Length> depth,
            Optional<Axis> across,
            int position,
            long part,
            Person addedBy,
            Instant addedAt) {
        this.featureId = feature;
        this.position = position;
        this.name = called;
        this.section = called;
        this.axis = across.map(Axis::name).orElse("");
        this.angleDegrees = across.map(Axis::degrees).orElse(BigDecimal.ZERO);
        this.depthPm = depth.map(Length::picometres).orElse(null);
        this.partId = part;
        this.byHand = true;
        this.addedBy = addedBy.id();
        this.addedAt = addedAt;
    }

    long feature() {
        return featureId;
    }

    /** A feature with one section calls its places after their axes alone. */
    private static String across(Place beside, String axis) {
        return beside.name().equals(beside.axis()) ? axis : beside.section() + ", " + axis;
    }

    /** The same across a section as that is called, and lies, by now. @param other a place of that section */
    Place beside(Place other) {
        return Place.of(
                id,
                across(other, axis),
                other.section(),
                axis,
                other.depth(),
                angleDegrees,
                Optional.ofNullable(partId),
                Optional.empty());
    }

    Place place() {
        if (byHand) {
            return Place.byHand(
                    id,
                    name,
                    axis,
                    Optional.ofNullable(depthPm).map(Length::ofPicometres),
                    Optional.of(angleDegrees).filter(degrees -> !axis.isEmpty()),
                    partId);
        }
        return Place.of(
                id,
                name,
                section,
                axis,
                Optional.ofNullable(depthPm).map(Length::ofPicometres),
                angleDegrees,
                Optional.ofNullable(partId),
                Optional.ofNullable(cannotBeMeasured));
    }
}
