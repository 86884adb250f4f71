package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.Span;
import jawread.core.plan.TypedFeature;
import jawread.server.access.Person;
import jawread.server.job.KeptAsJson.TitleBlockKept;
import jawread.server.job.KeptAsJson.TypedFeatureKept;
import org.hibernate.annotations.Immutable;

/** One edition of a feature as kept: as it was typed, and the title block it was typed under. */
@Entity
@Table(name = "feature")
@Immutable
class FeatureRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private PlanRow plan;

    @Column(name = "feature_key", nullable = false)
    private UUID key;

    /** The key of the feature that it was copied from, first of all; null where it was typed anew. */
    private UUID origin;

    @Column(nullable = false)
    private Instant madeAt;

    @Column(name = "made_by_id")
    private Long madeBy;

    @Column(nullable = false)
    @Convert(converter = TypedFeatureKept.class)
    private TypedFeature asTyped;

    @Column(nullable = false)
    @Convert(converter = TitleBlockKept.class)
    private TitleBlockInForce titleBlock;

    @Column(nullable = false)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private FeatureKind kind;

    @Column(nullable = false)
    private boolean diameter;

    private Long lowPm;
    private Long highPm;
    private Long limitsStepPm;
    private Long startsPm;
    private Long lengthPm;

    protected FeatureRow() {}

    /** @param origin empty where it was typed anew @param planned understood in every field */
    FeatureRow(
            PlanRow plan,
            UUID key,
            Optional<UUID> origin,
            PlannedFeature planned,
            Optional<Person> madeBy,
            Instant madeAt) {
        if (!planned.isUnderstood()) {
            throw new IllegalArgumentException("Not understood: " + planned.refusals());
        }
        this.plan = plan;
        this.key = key;
        this.origin = origin.orElse(null);
        this.madeAt = madeAt;
        this.madeBy = madeBy.map(Person::id).orElse(null);
        this.asTyped = planned.typed();
        this.titleBlock = TitleBlockInForce.of(planned.block());
        this.name = planned.typed().name();
        this.kind = planned.kind();
        this.diameter = planned.typed().round();
        Optional<Limits> judgedBy = planned.judgedBy();
        this.lowPm = judgedBy.flatMap(Limits::low).map(Length::picometres).orElse(null);
        this.highPm = judgedBy.flatMap(Limits::high).map(Length::picometres).orElse(null);
        this.limitsStepPm =
                judgedBy.map(of -> Feature.limitsStep(planned).picometres()).orElse(null);
        this.startsPm =
                planned.lies().flatMap(Span::starts).map(Length::picometres).orElse(null);
        this.lengthPm = planned.lies().map(Span::length).map(Length::picometres).orElse(null);
    }

    long id() {
        return id;
    }

    String name() {
        return name;
    }

    UUID key() {
        return key;
    }

    Optional<UUID> origin() {
        return Optional.ofNullable(origin);
    }

    /** Whether what was read of one edition is a size of the other. */
    boolean isReadAs(FeatureRow other) {
        return key.equals(other.key) && kind == other.kind && diameter == other.diameter;
    }

    long plan() {
        return plan.id();
    }

    /** All that was understood of it, once more from its own words and title block. */
    PlannedFeature planned() {
        return PlannedFeature.of(asTyped, titleBlock.block());
    }

    /** @param places in their order */
    Feature feature(PlannedFeature planned, List<Place> places) {
        return new Feature(id, key, origin().orElse(key), Optional.ofNullable(madeBy), planned, places);
    }
}
