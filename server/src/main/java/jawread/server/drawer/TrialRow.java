package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A known-size trial as kept. */
@Entity
@Table(name = "trial")
@Immutable
class TrialRow extends Kept {
    @Id
    private UUID id;

    @Column(name = "gauge_id", nullable = false)
    private long gaugeId;

    private Long readerId;

    @Column(nullable = false)
    private String featureKind;

    @Column(nullable = false)
    private long masterId;

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

    protected TrialRow() {}

    TrialRow(
            UUID id,
            GaugeAndReader method,
            FeatureKind kind,
            ShopMaster master,
            List<Length> readings,
            Person person,
            Instant at) {
        this.id = id;
        this.gaugeId = method.gauge().id();
        this.readerId = method.reader().map(Gauge::id).orElse(null);
        this.featureKind = kind.code();
        this.masterId = master.id();
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

    Trial trial() {
        return new Trial(
                id,
                gaugeId,
                Optional.ofNullable(readerId),
                FeatureKind.of(featureKind).orElseThrow(),
                masterId,
                Length.ofPicometres(certifiedPm),
                Length.ofPicometres(masterExpandedPm),
                Length.ofPicometres(resolutionPm),
                Arrays.stream(readingsPm.split(";"))
                        .map(pm -> Length.ofPicometres(Long.parseLong(pm)))
                        .toList(),
                person,
                at);
    }
}
