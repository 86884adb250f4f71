package jawread.server.job;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.PlaceAverage;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TitleBlock;
import jawread.server.journal.Trailed;
import jawread.server.settings.Setting;

/** A job, with the unit its limits are written in and the schools in force. */
@Entity
public class Job implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String about;

    @Column(nullable = false)
    private String limitsSource;

    @Column(nullable = false)
    private String customerReference;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LengthUnit unit;

    @Column(nullable = false)
    private String material;

    @Column(nullable = false)
    private String temperatureTyped;

    @Column(nullable = false)
    private boolean livesHangOnIt;

    @Column(nullable = false)
    private String decider;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "job_setting", joinColumns = @JoinColumn(name = "job_id"))
    @MapKeyColumn(name = "name")
    @Column(name = "choice", nullable = false)
    private final Map<String, String> settings = new HashMap<>();

    @Column(nullable = false)
    private boolean demonstration;

    @Column(nullable = false)
    private Instant openedAt;

    private Instant archivedAt;

    @Version
    private long version;

    protected Job() {}

    Job(JobHead head, Map<String, String> settings, boolean demonstration, Instant openedAt) {
        write(head);
        this.settings.putAll(settings);
        this.demonstration = demonstration;
        this.openedAt = openedAt;
    }

    void write(JobHead head) {
        name = head.name();
        about = head.about();
        limitsSource = head.limitsSource();
        customerReference = head.customerReference();
        unit = head.unit();
        material = head.material();
        temperatureTyped = head.temperature();
        livesHangOnIt = head.livesHangOnIt();
        decider = head.decider();
    }

    void choose(Setting setting, String choice) {
        settings.put(setting.code(), choice);
    }

    void archive(Instant at) {
        archivedAt = at;
    }

    public long id() {
        return id;
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("job", id.toString()).of(id).called(name).in(unit);
    }

    public JobHead head() {
        return new JobHead(
                name, about, limitsSource, customerReference, unit, material, temperatureTyped, livesHangOnIt, decider);
    }

    public String name() {
        return name;
    }

    public String about() {
        return about;
    }

    /** The drawing and revision, or manual and page, that the limits come from. */
    public String limitsSource() {
        return limitsSource;
    }

    public LengthUnit unit() {
        return unit;
    }

    /** Whether brakes, lifting gear, a pressure vessel or the like is measured: a named person decides, not this program. */
    public boolean livesHangOnIt() {
        return livesHangOnIt;
    }

    public String decider() {
        return decider;
    }

    /** What is in force here. */
    public String choiceOf(Setting setting) {
        return settings.getOrDefault(setting.code(), setting.startingValue());
    }

    /** All that was chosen for it, by the setting's code. */
    public Map<String, String> choices() {
        return Map.copyOf(settings);
    }

    public RepeatSchool repeatSchool() {
        return RepeatSchool.of(choiceOf(Setting.REPEATS)).orElseThrow();
    }

    /** How the repeats at a place of such a feature become its value; the worst is the largest of a hole. */
    public PlaceAverage placeAverage(FeatureKind kind) {
        return switch (choiceOf(Setting.PLACE_VALUE)) {
            case "median" -> PlaceAverage.MEDIAN;
            case "worst" -> kind.shrinksWithCutting() ? PlaceAverage.WORST_SHAFT : PlaceAverage.WORST_BORE;
            default -> PlaceAverage.MEAN;
        };
    }

    /** What is wanted off each side at rework, in its unit. */
    public Length cleanUp() {
        Setting setting = unit.isInch() ? Setting.CLEAN_UP_INCH : Setting.CLEAN_UP_METRIC;
        return Length.of(new BigDecimal(choiceOf(setting)), unit);
    }

    /** What its drawing says of all sizes. */
    public TitleBlock titleBlock() {
        return TitleBlocks.of(unit, this::choiceOf);
    }

    /** Whether it is made up, and says so on every page. */
    public boolean demonstration() {
        return demonstration;
    }

    /** When it was put away; empty while it is open. */
    public Optional<Instant> archivedAt() {
        return Optional.ofNullable(archivedAt);
    }

    public long version() {
        return version;
    }

    public Instant openedAt() {
        return openedAt;
    }
}
