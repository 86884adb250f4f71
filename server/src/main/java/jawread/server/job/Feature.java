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
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.Span;
import jawread.core.plan.TypedFeature;
import jawread.core.walk.Axis;
import jawread.core.walk.Places;
import jawread.server.access.Person;
import jawread.server.job.KeptAsJson.TitleBlockKept;
import jawread.server.job.KeptAsJson.TypedFeatureKept;
import org.hibernate.annotations.Immutable;

/**
 * One edition of a feature of a part: as it was typed, the title block it was typed under, and what of it is asked for
 * while measuring.
 */
@Entity
@Immutable
public class Feature {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Plan plan;

    @Column(name = "feature_key", nullable = false)
    private UUID key;

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

    // Without a cascade: a flush would go through all features of a long plan, and none of them ever changes.
    @OneToMany(mappedBy = "feature")
    @OrderBy("position")
    private final List<Place> places = new ArrayList<>();

    protected Feature() {}

    /** @param planned understood in every field */
    Feature(Plan plan, UUID key, PlannedFeature planned, Optional<Person> madeBy, Instant madeAt) {
        if (!planned.isUnderstood()) {
            throw new IllegalArgumentException("Not understood: " + planned.refusals());
        }
        this.plan = plan;
        this.key = key;
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
        this.limitsStepPm = planned.limits()
                .map(TypedLimits::resolution)
                .or(() -> judgedBy.map(of -> planned.block().unit().isInch() ? TENTH_THOU : MICROMETRE))
                .map(Length::picometres)
                .orElse(null);
        this.startsPm =
                planned.lies().flatMap(Span::starts).map(Length::picometres).orElse(null);
        this.lengthPm = planned.lies().map(Span::length).map(Length::picometres).orElse(null);
        planned.places().ifPresent(all -> all.inOrder().forEach(place -> add(place, all)));
    }

    private static final Length MICROMETRE = Length.ofMicrometres(1);
    private static final Length TENTH_THOU = Length.ofInches("0.0001");

    private void add(jawread.core.walk.Place place, Places all) {
        places.add(new Place(this, places.size() + 1, all.nameOf(place), place));
    }

    public long id() {
        return id;
    }

    /** The same through all its editions. */
    public UUID key() {
        return key;
    }

    public Plan plan() {
        return plan;
    }

    public Optional<Long> madeBy() {
        return Optional.ofNullable(madeBy);
    }

    public TypedFeature asTyped() {
        return asTyped;
    }

    /** All that was understood of it, once more from its own words and title block. */
    public PlannedFeature planned() {
        return PlannedFeature.of(asTyped, titleBlock.block());
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

    /** Whether it has limits, and is more than looked at. */
    public boolean canBeMeasured() {
        return kind.isMeasured() && (lowPm != null || highPm != null);
    }

    /** For a feature that can be measured. */
    public Limits limits() {
        return new Limits(
                Optional.ofNullable(lowPm).map(Length::ofPicometres),
                Optional.ofNullable(highPm).map(Length::ofPicometres));
    }

    /** One unit of the last decimal that the limits were typed with; for a feature that can be measured. */
    public Length limitsStep() {
        return Length.ofPicometres(limitsStepPm);
    }

    /** Where it begins along the part, from the part's left end; empty while nobody has said. */
    public Optional<Length> starts() {
        return Optional.ofNullable(startsPm).map(Length::ofPicometres);
    }

    public Optional<Length> length() {
        return Optional.ofNullable(lengthPm).map(Length::ofPicometres);
    }

    /** The plan's own, those that cannot be measured too. */
    public List<Place> allPlaces() {
        return places.stream().filter(place -> !place.isAdded()).toList();
    }

    /** The plan's own that a gauge gets to, in the order of the walk. */
    public List<Place> places() {
        return places.stream()
                .filter(Place::canBeMeasured)
                .filter(place -> !place.isAdded())
                .toList();
    }

    /** Those a gauge is put to on one part: the plan's own, then those taken besides. */
    public List<Place> places(Part part) {
        return places.stream()
                .filter(Place::canBeMeasured)
                .filter(place -> place.isOf(part))
                .toList();
    }

    /** The same sections across another axis on one part; sections that have it already are left out. */
    List<Place> across(Axis axis, Collection<String> sections, Part part, Person by, Instant at) {
        var added = new ArrayList<Place>();
        for (String section : sections) {
            List<Place> there = places(part).stream()
                    .filter(place -> place.section().equals(section))
                    .toList();
            boolean isThere = there.stream().anyMatch(place -> place.degrees().compareTo(axis.degrees()) == 0);
            if (!there.isEmpty() && !isThere) {
                added.add(new Place(there.get(0), places.size() + added.size() + 1, axis, part, by, at));
            }
        }
        return added;
    }
}
