package jawread.server.judgement;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Origin;
import jawread.core.assess.ReadWith;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.LimitDoubt;
import jawread.core.limit.TitleBlock;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.TypedFeature;
import jawread.core.walk.Layout;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.Methods;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.JobUse;
import jawread.server.job.Jobs;
import jawread.server.job.LimitsWords;
import jawread.server.job.NewPlan;
import jawread.server.job.Part;
import jawread.server.job.PartHead;
import jawread.server.job.PartShape;
import jawread.server.job.Plan;
import jawread.server.job.PlanHead;
import jawread.server.job.RoundNames;
import jawread.server.job.TitleBlocks;
import jawread.server.judgement.QuickJudging.Judged;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Readings;
import jawread.server.settings.ShopSettings;
import jawread.server.storage.Locks;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Refused;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges one size on its own, and keeps it into a new job when that is wanted after all. */
@Service
public class QuickSizes {
    private final Drawer drawer;
    private final QuickJudging judging;
    private final Jobs jobs;
    private final Readings readings;
    private final ShopSettings settings;
    private final LimitsWords limits;
    private final VerdictWords verdicts;
    private final ReadingWords readingWords;
    private final Figures figures;
    private final Clock clock;
    private final Shop shop;
    private final Words words;
    private final Locks locks;

    QuickSizes(
            Drawer drawer,
            QuickJudging judging,
            Jobs jobs,
            Readings readings,
            ShopSettings settings,
            LimitsWords limits,
            VerdictWords verdicts,
            ReadingWords readingWords,
            Figures figures,
            Clock clock,
            Shop shop,
            Words words,
            Locks locks) {
        this.drawer = drawer;
        this.judging = judging;
        this.jobs = jobs;
        this.readings = readings;
        this.settings = settings;
        this.limits = limits;
        this.verdicts = verdicts;
        this.readingWords = readingWords;
        this.figures = figures;
        this.clock = clock;
        this.shop = shop;
        this.words = words;
        this.locks = locks;
    }

    /**
     * A size to be judged.
     *
     * @param figure as typed; in the gauge's unit, or the shop's without one
     * @param gauge it was read with; empty where nobody has said
     */
    public record QuickSize(String kind, String limits, String figure, Optional<Long> gauge) {}

    /** What is understood so far; refuses only a kind that is none and a gauge that is not there. */
    @Transactional(readOnly = true)
    public QuickSizeView judge(QuickSize quick) {
        FeatureKind kind = kind(quick);
        LengthUnit unit = settings.unit();
        Optional<Gauge> gauge = quick.gauge().map(drawer::byId);
        Outcome<TypedLimits> allowed = TypedLimits.parse(quick.limits(), block(unit), kind);
        Outcome<TypedLength> read =
                TypedLength.parse(quick.figure(), gauge.map(Gauge::unit).orElse(unit), TypedLength.Kind.SIZE);
        Optional<TypedLimits> between = allowed.fold(Optional::of, refusal -> Optional.empty());
        Optional<TypedLength> size = read.fold(Optional::of, refusal -> Optional.empty());
        Optional<Judged> judged = between.flatMap(of -> size.map(typed -> judging.judge(kind, of, typed, unit, gauge)));
        Optional<VerdictView> verdict = judged.map(of -> verdicts.of(of.sized()));
        Optional<LengthText> shown =
                size.map(typed -> figures.reading(typed.length(), base(typed.unit()), typed.resolution()));
        return new QuickSizeView(
                between.map(of -> limits.of(of.limits(), unit, of.resolution())).orElse(null),
                refused(allowed, quick.limits(), unit),
                between.map(of -> doubts(quick.limits(), of, unit)).orElse(List.of()),
                shown.orElse(null),
                refused(read, quick.figure(), unit),
                gauge.flatMap(of -> size.flatMap(
                                typed -> readingWords.remark(Methods.atHand(of), typed.length(), of.leastCount())))
                        .orElse(""),
                verdict.orElse(null),
                judged.map(judging::why).orElse(""),
                verdict.map(of -> words.say(
                                "quick.say",
                                Map.of(
                                        "figure",
                                                shown.map(LengthText::withUnit).orElse(""),
                                        "verdict", of.word(),
                                        "sentence", of.sentence())))
                        .orElse(""));
    }

    /** Thou and tenths are parts of an inch, as micrometres are of a millimetre. */
    private static LengthUnit base(LengthUnit unit) {
        return unit.isInch() ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    private List<String> doubts(String text, TypedLimits typed, LengthUnit unit) {
        return LimitDoubt.of(text, typed, unit).stream()
                .map(doubt -> words.say("doubt." + doubt.code(), Map.of("text", text, "unit", unit.symbol())))
                .toList();
    }

    /** A field left empty is no mistake yet. */
    private String refused(Outcome<?> outcome, String text, LengthUnit unit) {
        return text.isBlank() ? "" : outcome.fold(value -> "", refusal -> words.say(refusal, unit));
    }

    private TitleBlock block(LengthUnit unit) {
        return TitleBlocks.of(unit, settings::of);
    }

    private FeatureKind kind(QuickSize quick) {
        return FeatureKind.of(quick.kind())
                .filter(FeatureKind::isMeasured)
                .orElseThrow(() -> Refused.field(
                        "kind",
                        Refusal.of("no-such-kind").with("text", quick.kind()),
                        words.say(Refusal.of("no-such-kind").with("text", quick.kind()), settings.unit())));
    }

    /** Where a kept size is now measured on. */
    public record KeptWhere(long job, long part, long feature) {}

    /**
     * Opens a job with this one size, and keeps the figure as its first reading; sent again, nothing more is opened. Refuses
     * limits or a figure that are not understood with 422.
     *
     * @param id made by the browser
     */
    @Transactional
    public KeptWhere keep(UUID id, QuickSize quick, Person person) {
        // The same sent twice at one moment is of one gauge.
        locks.gauges(quick.gauge().stream());
        UUID readingId = UUID.nameUUIDFromBytes(("quick size " + id).getBytes(StandardCharsets.UTF_8));
        Optional<KeptWhere> before =
                readings.whereIs(readingId).map(where -> new KeptWhere(where.job(), where.part(), where.feature()));
        if (before.isPresent()) {
            return before.get();
        }
        FeatureKind kind = kind(quick);
        LengthUnit unit = settings.unit();
        TypedLimits.parse(quick.limits(), block(unit), kind).fold(typed -> typed, refusal -> {
            throw Refused.field("limits", refusal, words.say(refusal, unit));
        });
        long gauge = quick.gauge().orElseThrow(() -> Refused.field("gauge", "no-gauge", words));
        String name = words.say("quick.name", Map.of("limits", quick.limits().strip()));
        TypedFeature feature =
                TypedFeature.of(quick.limits().strip(), kind, quick.limits()).withLayout(Layout.ONE_PLACE);
        Job job = jobs.open(
                JobHead.called(name, unit),
                Map.of(),
                JobUse.ofWork(shop.demonstration()),
                List.of(NewPlan.of(
                        new PlanHead(words.say("plan.first-name"), PartShape.SHAFT, RoundNames.CUTS),
                        List.of(feature),
                        List.of(PartHead.of(words.say("plan.first-part"), "")))),
                Optional.of(person));
        Plan plan = jobs.plansOf(job).get(0);
        Part part = jobs.partsOf(plan).get(0);
        Feature planned = jobs.newest(plan).features().get(0);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        readings.keep(new KeepReading(
                readingId,
                part.id(),
                planned.id(),
                0,
                planned.places().get(0).id(),
                new ReadWith(gauge, Optional.empty()),
                person.id(),
                Origin.TYPED,
                Optional.of(quick.figure()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                now));
        return new KeptWhere(job.id(), part.id(), planned.id());
    }
}
