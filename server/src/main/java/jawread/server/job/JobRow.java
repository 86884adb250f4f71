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
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.LengthUnit;
import jawread.server.journal.Trailed;
import jawread.server.settings.Setting;

/** A job as kept. */
@Entity
@Table(name = "job")
class JobRow implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "job_key", nullable = false, updatable = false)
    private UUID key;

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
    private boolean practice;

    @Column(nullable = false)
    private Instant openedAt;

    private Instant archivedAt;

    @Version
    private long version;

    protected JobRow() {}

    JobRow(JobHead head, Map<String, String> settings, JobUse use, Instant openedAt) {
        this.key = UUID.randomUUID();
        write(head);
        this.settings.putAll(settings);
        this.demonstration = use == JobUse.DEMONSTRATION;
        this.practice = use == JobUse.PRACTICE;
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

    long id() {
        return id;
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("job", id.toString()).of(id).called(name).in(unit);
    }

    Job job() {
        return new Job(
                id,
                version,
                new JobHead(
                        name,
                        about,
                        limitsSource,
                        customerReference,
                        unit,
                        material,
                        temperatureTyped,
                        livesHangOnIt,
                        decider),
                settings,
                practice ? JobUse.PRACTICE : demonstration ? JobUse.DEMONSTRATION : JobUse.OWN,
                openedAt,
                Optional.ofNullable(archivedAt));
    }
}
