package jawread.server.ready;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.WarmSize;
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
import jawread.server.job.Jobs;
import jawread.server.job.Part;
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
    private final Warmths warmths;
    private final Jobs jobs;
    private final FeatureMethods methods;
    private final UncertaintyWords uncertainties;
    private final Twenty twenty;
    private final ShopSettings settings;
    private final Figures figures;
    private final Words words;

    PartsWarmth(
            Warmths warmths,
            Jobs jobs,
            FeatureMethods methods,
            UncertaintyWords uncertainties,
            Twenty twenty,
            ShopSettings settings,
            Figures figures,
            Words words) {
        this.warmths = warmths;
        this.jobs = jobs;
        this.methods = methods;
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
        return WarmSize.isToBeMeasured(
                open,
                warmths.material(part.job()),
                settings.number(Setting.TEMPERATURE_APART).doubleValue(),
                settings.number(Setting.ROOM_FROM_TWENTY).doubleValue());
    }

    /** Refuses a part none of whose sizes has two limits with {@code no-tolerance}. */
    @Transactional(readOnly = true)
    public PartWarmthView of(long partId, TypedWarmth typed) {
        Part part = jobs.part(partId);
        Warmths.Temperatures now = warmths.understood(typed);
        BigDecimal gauge = now.gauge().orElseThrow(() -> Refused.field("gauge", "temperature-needed", words));
        var partIs = new Warm(warmths.material(part.job()), now.part());
        var scaleIs = new Warm(Material.STEEL, gauge);
        List<WarmSize> sizes = WarmSize.of(jobs.newest(part.plan()).sizes(), scaleIs, partIs);
        WarmSize worst =
                sizes.stream().max(WarmSize.BY_SHARE).orElseThrow(() -> Refused.field("part", "no-tolerance", words));
        LengthUnit unit = part.job().unit();
        Length section = sizes.stream()
                .filter(each -> each.feature().diameter())
                .map(WarmSize::size)
                .max(Length::compareTo)
                .orElse(worst.size());
        Optional<Weighed> with = methods.of(part.plan(), Optional.empty())
                .at(new Temperatures(now.part().doubleValue(), gauge.doubleValue()))
                .inForce(worst.feature().key(), worst.feature().planned());
        return new PartWarmthView(
                worst.feature().name(),
                figures.reading(worst.width(), unit, worst.feature().limitsStep()),
                twenty.of(
                        worst.size(),
                        Optional.empty(),
                        scaleIs,
                        partIs,
                        Optional.of(worst.width()),
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
                sizes.stream().map(each -> hit(each, unit)).toList(),
                words.say("ready.soaks", Map.of("part", part.name())));
    }

    private FeatureWarmthView hit(WarmSize size, LengthUnit unit) {
        return new FeatureWarmthView(
                size.feature().name(), figures.significant(size.corrected().correction(), unit), size.mustWait());
    }
}
