package jawread.server.comparator;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.gauge.Zeroed;
import jawread.core.length.Length;
import jawread.core.scale.Sense;
import jawread.server.access.Person;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.ShopMaster;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A setting of a comparator as kept. */
@Entity
@Table(name = "comparator_setting")
@Immutable
class ComparatorSettingRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long gaugeId;

    private Long masterId;
    private Long micrometerId;

    @Column(nullable = false)
    private String blocksPm;

    @Column(nullable = false)
    private long wantedPm;

    @Column(nullable = false)
    private long sizePm;

    @Column(name = "u_pm", nullable = false)
    private long expandedPm;

    @Column(nullable = false)
    private String material;

    private BigDecimal temperature;
    private Long shownPm;

    @Column(nullable = false)
    private int sense;

    @Column(nullable = false)
    private BigDecimal returned;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected ComparatorSettingRow() {}

    ComparatorSettingRow(
            UUID id,
            Gauge gauge,
            SetOnMaster on,
            Length wanted,
            Optional<BigDecimal> temperature,
            Stood stood,
            Person person,
            Instant at) {
        this.id = id;
        this.gaugeId = gauge.id();
        this.shownPm = stood.shown().map(Length::picometres).orElse(null);
        this.masterId = on.master().map(ShopMaster::id).orElse(null);
        this.micrometerId = on.micrometer().map(Gauge::id).orElse(null);
        this.blocksPm = on.blocks().stream()
                .map(block -> Long.toString(block.picometres()))
                .collect(Collectors.joining(";"));
        this.wantedPm = wanted.picometres();
        this.sizePm = on.size().picometres();
        this.expandedPm = on.expanded().picometres();
        this.material = on.material();
        this.temperature = temperature.orElse(null);
        this.sense = stood.zeroed().sense().sign();
        this.returned = stood.zeroed().returned();
        this.person = person.id();
        this.at = at;
    }

    /** How it stood there. @param shown by a micrometer; empty for a comparator, whose needle is put to zero */
    record Stood(Zeroed zeroed, Optional<Length> shown) {}

    /**
     * What a micrometer shows otherwise than at a setting before, on the same master at the same size; empty where they cannot be
     * compared.
     */
    Optional<Length> movedSince(ComparatorSettingRow before) {
        boolean isSame = Objects.equals(masterId, before.masterId) && sizePm == before.sizePm;
        return isSame && shownPm != null && before.shownPm != null
                ? Optional.of(Length.ofPicometres(shownPm - before.shownPm))
                : Optional.empty();
    }

    @Override
    public UUID getId() {
        return id;
    }

    Instant at() {
        return at;
    }

    long gaugeId() {
        return gaugeId;
    }

    Optional<Long> masterId() {
        return Optional.ofNullable(masterId);
    }

    Optional<Long> micrometerId() {
        return Optional.ofNullable(micrometerId);
    }

    /** @param on the number of what it was set on */
    ComparatorSetting setting(String on) {
        return new ComparatorSetting(
                id,
                gaugeId,
                masterId(),
                micrometerId(),
                on,
                Arrays.stream(blocksPm.split(";"))
                        .filter(block -> !block.isEmpty())
                        .map(block -> Length.ofPicometres(Long.parseLong(block)))
                        .toList(),
                Length.ofPicometres(sizePm),
                Optional.ofNullable(shownPm).map(Length::ofPicometres),
                Length.ofPicometres(expandedPm),
                material,
                Optional.ofNullable(temperature),
                Sense.ofSign(BigDecimal.valueOf(sense)).orElseThrow(),
                person,
                at);
    }
}
