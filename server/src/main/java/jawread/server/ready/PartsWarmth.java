package jawread.server.ready;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.heat.AtTwenty;
import jawread.core.heat.Material;
import jawread.core.heat.Soak;
import jawread.core.heat.Warm;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.access.Person;
import jawread.server.card.Twenty;
import jawread.server.choosing.FeatureMethods;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.UncertaintyWords;
import jawread.server.job.Feature;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlannedFeatures;
import jawread.server.measure.Warmths;
import jawread.server.measure.Warmths.TypedWarmth;
import jawread.server.ready.ReadyView.FeatureWarmthView;
import jawread.server.ready.ReadyView.PartWarmthView;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What warmth does to the sizes of a part. */
@Service
class PartsWarmth {
    /** What nobody measured matters from this part of the tolerance on. */
    private static final long PART_OF_TOLERANCE = 10;

    private final Warmths warmths;
    private final Jobs jobs;
    private final FeatureMethods methods;
    private final PlannedFeatures planned;
    private final UncertaintyWords uncertainties;
    private final Twenty twenty;
    private final ShopSettings settings;
    private final Figures figures;
    private final Words words;

    PartsWarmth(
            Warmths warmths,
            Jobs jobs,
            FeatureMethods methods,
            PlannedFeatures planned,
            UncertaintyWords uncertainties,
            Twenty twenty,
            ShopSettings settings,
            Figures figures,
            Words words) {
        this.warmths = warmths;
        this.jobs = jobs;
        this.methods = methods;
        this.planned = planned;
        this.uncertainties = uncertainties;
        this.twenty = twenty;
        this.settings = settings;
        this.figures = figures;
        this.words = words;
    }

    void keep(UUID id, long part, TypedWarmth typed, Person person) {
        warmths.keep(id, part, typed, person);
    }

    /** Whether the sizes still to be measured could be out by a tenth of a tolerance for warmth that nobody measured. */
    boolean matters(Part part, List<Feature> open) {
        Material material = warmths.material(part.job());
        double apart = settings.number(Setting.TEMPERATURE_APART).doubleValue();
        double fromTwenty = settings.number(Setting.ROOM_FROM_TWENTY).doubleValue();
        double grows = material.alpha() * apart + Math.abs(material.alpha() - Material.STEEL.alpha()) * fromTwenty;
        return open.stream()
                .filter(feature -> feature.limits().stated().size() == 2)
                .anyMatch(feature -> sizeOf(feature).micrometres() * grows * PART_OF_TOLERANCE
                        > widthOf(feature).micrometres());
    }

    /** Refuses a part none of whose sizes has two limits with {@code no-tolerance}. */
    @Transactional(readOnly = true)
    public PartWarmthView of(long partId, TypedWarmth typed) {
        Part part = jobs.part(partId);
        Warmths.Temperatures now = warmths.understood(typed);
        BigDecimal gauge = now.gauge().orElseThrow(() -> Refused.field("gauge", "temperature-needed", words));
        var partIs = new Warm(warmths.material(part.job()), now.part());
        var scaleIs = new Warm(Material.STEEL, gauge);
        List<Feature> sizes = jobs.newest(part.plan()).sizes().stream()
                .filter(feature -> feature.limits().stated().size() == 2)
                .toList();
        Feature worst = sizes.stream()
                .max(Comparator.comparing(feature -> share(feature, scaleIs, partIs)))
                .orElseThrow(() -> Refused.field("part", "no-tolerance", words));
        LengthUnit unit = part.job().unit();
        Length section = sizes.stream()
                .filter(feature -> feature.diameter())
                .map(PartsWarmth::sizeOf)
                .max(Length::compareTo)
                .orElse(sizeOf(worst));
        Optional<Weighed> with = methods.of(part.plan(), Optional.empty())
                .at(new Temperatures(now.part().doubleValue(), gauge.doubleValue()))
                .inForce(worst.key(), planned.of(worst));
        return new PartWarmthView(
                worst.name(),
                figures.reading(widthOf(worst), unit, worst.limitsStep()),
                twenty.of(
                        sizeOf(worst),
                        Optional.empty(),
                        scaleIs,
                        partIs,
                        Optional.of(widthOf(worst)),
                        Optional.of(section),
                        Soak.On.METAL_PLATE,
                        unit),
                with.map(of -> of.method().number()).orElse(null),
                with.flatMap(of -> of.choice()
                                .uncertainty()
                                .map(u -> uncertainties.of(
                                        u,
                                        unit,
                                        UncertaintyWords.isCalibrated(
                                                of.method().read()))))
                        .orElse(null),
                sizes.stream()
                        .map(feature -> hit(feature, scaleIs, partIs, unit))
                        .toList(),
                words.say("ready.soaks", Map.of("part", part.name())));
    }

    private FeatureWarmthView hit(Feature feature, Warm scale, Warm part, LengthUnit unit) {
        AtTwenty corrected = AtTwenty.direct(sizeOf(feature), scale, part);
        return new FeatureWarmthView(
                feature.name(),
                figures.significant(corrected.correction(), unit),
                corrected.mustWait(widthOf(feature)));
    }

    private static double share(Feature feature, Warm scale, Warm part) {
        AtTwenty corrected = AtTwenty.direct(sizeOf(feature), scale, part);
        return corrected.correction().abs().micrometres() / widthOf(feature).micrometres();
    }

    private static Length sizeOf(Feature feature) {
        return Length.meanOf(feature.limits().stated());
    }

    private static Length widthOf(Feature feature) {
        return Length.spreadOf(feature.limits().stated());
    }
}
