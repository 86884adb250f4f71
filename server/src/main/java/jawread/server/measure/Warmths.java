package jawread.server.measure;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.heat.AtTwenty;
import jawread.core.heat.Material;
import jawread.core.heat.Warm;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.door.TypedFigure;
import jawread.server.job.Job;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How warm parts are, and what that does to what is read of them. */
@Service
public class Warmths {
    private static final Kind<Long, Optional<PartWarmth>> LAST = Kind.small("warmth");

    private final Snapshots snapshots;
    private final PartWarmthRepository warmths;
    private final Jobs jobs;
    private final ShopSettings settings;
    private final TypedFields fields;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;

    Warmths(
            Snapshots snapshots,
            PartWarmthRepository warmths,
            Jobs jobs,
            ShopSettings settings,
            TypedFields fields,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks) {
        this.snapshots = snapshots;
        this.warmths = warmths;
        this.jobs = jobs;
        this.settings = settings;
        this.fields = fields;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** As typed, in °C. @param gauge empty where nobody measured */
    public record TypedWarmth(
            @TypedFigure String part, @TypedFigure String gauge) {}

    /** As understood. */
    public record Temperatures(BigDecimal part, Optional<BigDecimal> gauge) {}

    /** Refuses a part without a temperature, and one that cannot be. */
    public Temperatures understood(TypedWarmth typed) {
        BigDecimal part = fields.temperature("part", typed.part())
                .orElseThrow(() -> Refused.field("part", "temperature-needed", words));
        return new Temperatures(part, fields.temperature("gauge", typed.gauge()));
    }

    /** Keeps what was measured, once. */
    @Transactional
    public PartWarmth keep(UUID id, long partId, TypedWarmth typed, Person person) {
        locks.ofPart(partId);
        Optional<PartWarmthRow> before = warmths.findById(id);
        if (before.isPresent()) {
            if (before.get().partId() != partId) {
                throw Refused.keptOtherwise(words);
            }
            return before.get().warmth();
        }
        Part part = jobs.part(partId);
        Temperatures now = understood(typed);
        journal.write(part.job().id(), What.LOOK);
        return warmths.save(new PartWarmthRow(id, part, now.part(), now.gauge(), person, clock.instant()))
                .warmth();
    }

    /** What was last measured of a part, unless that is longer ago than a break may be. */
    @Transactional(readOnly = true)
    public Optional<PartWarmth> of(Part part) {
        Instant oldest = clock.instant()
                .minus(Duration.ofHours(
                        settings.number(Setting.CHECK_BREAK_HOURS).longValue()));
        return snapshots
                .of(
                        LAST,
                        part.id(),
                        List.of(Subject.said(part.job().id())),
                        () -> warmths.findLast(part.id()).map(PartWarmthRow::warmth))
                .filter(warmth -> warmth.at().isAfter(oldest));
    }

    /** For a reading that rests on it. */
    Optional<PartWarmthRow> row(PartWarmth warmth) {
        return warmths.findById(warmth.id());
    }

    /** What the parts of a job are of; steel where nobody has said. */
    public Material material(Job job) {
        return settings.material(job.head().material());
    }

    /** What is added to a size to bring it to 20 °C; zero unless both temperatures were measured. */
    Length correction(Optional<PartWarmth> warmth, Job job, Length size, Optional<ComparatorSetting> setting) {
        return warmth.flatMap(of -> setting.flatMap(ComparatorSetting::temperature)
                        .or(of::gauge)
                        .map(gauge -> atTwenty(new Warm(material(job), of.part()), gauge, size, setting)))
                .map(AtTwenty::correction)
                .orElse(Length.ZERO);
    }

    private AtTwenty atTwenty(Warm part, BigDecimal gauge, Length size, Optional<ComparatorSetting> setting) {
        return setting.map(on -> AtTwenty.comparator(
                        on.size(), size.minus(on.size()), new Warm(settings.material(on.material()), gauge), part))
                .orElseGet(() -> AtTwenty.direct(size, new Warm(Material.STEEL, gauge), part));
    }
}
