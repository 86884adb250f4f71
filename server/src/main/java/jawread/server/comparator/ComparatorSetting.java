package jawread.server.comparator;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
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

/** That a comparator was zeroed on a master, kept as it was. */
@Entity
@Immutable
public class ComparatorSetting extends Kept {
    @Id
    private UUID id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Gauge gauge;

    @ManyToOne(fetch = FetchType.LAZY)
    private ShopMaster master;

    @ManyToOne(fetch = FetchType.LAZY)
    private Gauge micrometer;

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

    @Column(nullable = false)
    private int sense;

    @Column(nullable = false)
    private BigDecimal returned;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected ComparatorSetting() {}

    ComparatorSetting(
            UUID id,
            Gauge gauge,
            SetOnMaster on,
            Length wanted,
            Optional<BigDecimal> temperature,
            Zeroed zeroed,
            Person person,
            Instant at) {
        this.id = id;
        this.gauge = gauge;
        this.master = on.master().orElse(null);
        this.micrometer = on.micrometer().orElse(null);
        this.blocksPm = on.blocks().stream()
                .map(block -> Long.toString(block.picometres()))
                .collect(Collectors.joining(";"));
        this.wantedPm = wanted.picometres();
        this.sizePm = on.size().picometres();
        this.expandedPm = on.expanded().picometres();
        this.material = on.material();
        this.temperature = temperature.orElse(null);
        this.sense = zeroed.sense().sign();
        this.returned = zeroed.returned();
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public long gaugeId() {
        return gauge.id();
    }

    /** A ring or a set of blocks; empty where a micrometer was locked at the size. */
    public Optional<ShopMaster> master() {
        return Optional.ofNullable(master);
    }

    public Optional<Gauge> micrometer() {
        return Optional.ofNullable(micrometer);
    }

    /** Those that were wrung; none unless it was a stack. */
    public List<Length> blocks() {
        return Arrays.stream(blocksPm.split(";"))
                .filter(block -> !block.isEmpty())
                .map(block -> Length.ofPicometres(Long.parseLong(block)))
                .toList();
    }

    /** S: the real size of what it was set on, where its needle stood at zero. */
    public Length size() {
        return Length.ofPicometres(sizePm);
    }

    /** U of that. */
    public Length expanded() {
        return Length.ofPicometres(expandedPm);
    }

    public String material() {
        return material;
    }

    /** Of the master, in °C; empty where nobody measured. */
    public Optional<BigDecimal> temperature() {
        return Optional.ofNullable(temperature);
    }

    public Sense sense() {
        return Sense.ofSign(BigDecimal.valueOf(sense)).orElseThrow();
    }

    public long person() {
        return person;
    }

    public Instant at() {
        return at;
    }

    /** {@code R4}, {@code M4}. */
    public String on() {
        return micrometer().map(Gauge::shopNumber).orElseGet(() -> master.shopNumber());
    }
}
