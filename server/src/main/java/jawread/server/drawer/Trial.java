package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A master read again and again by one person with one method; what it comes to is derived. */
@Entity
@Immutable
public class Trial extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Gauge gauge;

    /** The same, to be asked without fetching the gauge. */
    @Column(name = "gauge_id", insertable = false, updatable = false)
    private Long gaugeId;

    @ManyToOne(fetch = FetchType.LAZY)
    private Gauge reader;

    /** The same, likewise; not there yet on one that was made just now. */
    @Column(name = "reader_id", insertable = false, updatable = false)
    private Long readerId;

    @Column(nullable = false)
    private String featureKind;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private ShopMaster master;

    @Column(nullable = false)
    private long certifiedPm;

    @Column(name = "master_u_pm", nullable = false)
    private long masterExpandedPm;

    @Column(nullable = false)
    private long resolutionPm;

    @Column(nullable = false)
    private String readingsPm;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected Trial() {}

    Trial(
            UUID id,
            GaugeAndReader method,
            FeatureKind kind,
            ShopMaster master,
            List<Length> readings,
            Person person,
            Instant at) {
        this.id = id;
        this.gauge = method.gauge();
        this.reader = method.reader().orElse(null);
        this.featureKind = kind.code();
        this.master = master;
        this.certifiedPm = master.size().picometres();
        this.masterExpandedPm = master.expanded().picometres();
        this.resolutionPm = method.read().leastCount().picometres();
        this.readingsPm =
                readings.stream().map(each -> Long.toString(each.picometres())).collect(Collectors.joining(";"));
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public long gaugeId() {
        return gaugeId == null ? gauge.id() : gaugeId;
    }

    public Optional<Long> readerId() {
        return readerId == null ? Optional.ofNullable(reader).map(Gauge::id) : Optional.of(readerId);
    }

    /** What kind of thing the master stood for: a bore, an outside. */
    public FeatureKind featureKind() {
        return FeatureKind.of(featureKind).orElseThrow();
    }

    public ShopMaster master() {
        return master;
    }

    /** d of what was read. */
    public Length resolution() {
        return Length.ofPicometres(resolutionPm);
    }

    public List<Length> readings() {
        return Arrays.stream(readingsPm.split(";"))
                .map(pm -> Length.ofPicometres(Long.parseLong(pm)))
                .toList();
    }

    /** What it comes to. */
    public KnownSizeTrial result() {
        return KnownSizeTrial.of(readings(), Length.ofPicometres(certifiedPm), Length.ofPicometres(masterExpandedPm))
                .orThrow();
    }

    public long person() {
        return person;
    }

    public Instant at() {
        return at;
    }
}
