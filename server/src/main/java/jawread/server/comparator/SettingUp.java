package jawread.server.comparator;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.SettingMasters;
import jawread.core.gauge.SettingMasters.Kind;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.access.People;
import jawread.server.comparator.SettingUpView.LockedView;
import jawread.server.comparator.SettingUpView.SetOnView;
import jawread.server.comparator.SettingUpView.SettingKeptView;
import jawread.server.comparator.SettingUpView.StandsAtView;
import jawread.server.drawer.CheckWords;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.LastUse;
import jawread.server.drawer.Methods;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what setting a comparator needs to know, and where comparators stand. */
@Service
public class SettingUp {
    private static final Map<LengthUnit, List<String>> FACES = Map.of(
            LengthUnit.INCH, List.of("0.00005", "0.0001", "0.0005", "0.001"),
            LengthUnit.MILLIMETRE, List.of("0.001", "0.002", "0.005", "0.01"));
    private static final long JUST_NOW = 60;
    private final People people;
    private final ComparatorSettings settings;
    private final SetOnMasters masters;
    private final SettingTrust trust;
    private final CheckWords checkWords;
    private final Drawer drawer;
    private final LastUse uses;
    private final ShopSettings shop;
    private final Durations durations;
    private final Figures figures;
    private final Clock clock;
    private final Words words;

    SettingUp(
            People people,
            ComparatorSettings settings,
            SetOnMasters masters,
            SettingTrust trust,
            CheckWords checkWords,
            Drawer drawer,
            LastUse uses,
            ShopSettings shop,
            Durations durations,
            Figures figures,
            Clock clock,
            Words words) {
        this.people = people;
        this.settings = settings;
        this.masters = masters;
        this.trust = trust;
        this.checkWords = checkWords;
        this.drawer = drawer;
        this.uses = uses;
        this.shop = shop;
        this.durations = durations;
        this.figures = figures;
        this.clock = clock;
        this.words = words;
    }

    /** @param typed the size it is to be set to; empty while nobody has said */
    @Transactional(readOnly = true)
    public SettingUpView of(long id, String typed) {
        Gauge gauge = settings.settable(id);
        LengthUnit unit = gauge.unit();
        Optional<Length> wanted = typed.isBlank() ? Optional.empty() : Optional.of(settings.wanted(gauge, typed));
        List<SetOnMaster> on =
                wanted.map(size -> masters.at(gauge, size, clock.instant())).orElse(List.of());
        return new SettingUpView(
                gauge.id(),
                gauge.shopNumber(),
                gauge.name(),
                !gauge.kind().isComparator(),
                gauge.kind().isComparator() && ComparatorSettings.showsSizes(gauge),
                unit.symbol(),
                gauge.scale().id(),
                reading(gauge.leastCount(), gauge),
                reading(gauge.allowedError(), gauge),
                wanted.map(size -> reading(size, gauge)).orElse(null),
                on.stream().map(each -> view(each, wanted.orElseThrow(), gauge)).toList(),
                wanted.isPresent() && on.isEmpty() ? nothing(gauge, wanted.get()) : null,
                faces(gauge),
                words.say(
                        "setting-up.life",
                        Map.of(
                                "minutes", shop.number(Setting.SETTING_MINUTES),
                                "readings", shop.number(Setting.SETTING_READINGS))),
                standsAt(gauge).orElse(null),
                settings.allOf(gauge).stream()
                        .sorted(Comparator.comparing(ComparatorSetting::at).reversed())
                        .map(each -> new SettingKeptView(
                                each.id(), each.at(), people.nameOf(each.person()), kept(each, gauge)))
                        .toList());
    }

    /** Where each comparator stands that was ever set. */
    @Transactional(readOnly = true)
    public List<StandsAtView> all() {
        return drawer.all().stream()
                .filter(gauge -> gauge.kind().mayBeSet() && gauge.mayMeasure())
                .flatMap(gauge -> standsAt(gauge).stream())
                .toList();
    }

    private Optional<StandsAtView> standsAt(Gauge gauge) {
        return settings.of(gauge)
                .map(setting -> new StandsAtView(
                        setting.id(),
                        gauge.id(),
                        reading(setting.size(), gauge),
                        setting.sense().sign(),
                        setting.on(),
                        stands(setting, gauge),
                        trust.tooOld(setting, gauge)
                                .map(why -> checkWords.wanted(why, gauge))
                                .orElse(null)));
    }

    private String stands(ComparatorSetting setting, Gauge gauge) {
        var looked = trust.lookedAt(setting, gauge);
        long seconds = Duration.between(looked, clock.instant()).toSeconds();
        long readings = uses.readingsSince(gauge.id(), looked);
        return words.say(
                seconds < JUST_NOW && readings == 0 ? "setting-up.stands.now" : "setting-up.stands",
                Map.of(
                        "size", figures.exactly(setting.size(), gauge.unit()),
                        "on", on(setting, gauge),
                        "ago",
                                durations.of(Duration.between(looked, clock.instant())
                                        .toSeconds()),
                        "readings", readings));
    }

    private String kept(ComparatorSetting setting, Gauge gauge) {
        if (setting.shown().isPresent()) {
            return words.say(
                    gauge.kind().isComparator() ? "setting-up.kept.display" : "setting-up.kept.micrometer",
                    Map.of("size", figures.exactly(setting.size(), gauge.unit()), "on", on(setting, gauge)));
        }
        return words.say(
                "setting-up.kept",
                Map.of(
                        "size", figures.exactly(setting.size(), gauge.unit()),
                        "on", on(setting, gauge),
                        "sense",
                                words.say("setting-up.sense." + (setting.sense().sign() > 0 ? "grows" : "shrinks"))));
    }

    private String on(ComparatorSetting setting, Gauge gauge) {
        Optional<String> shown = setting.shown().map(of -> reading(of, gauge).withUnit());
        if (!setting.blocks().isEmpty()) {
            var slots = new HashMap<String, Object>();
            slots.put("set", setting.on());
            slots.put("blocks", sum(setting.blocks(), gauge.unit()));
            shown.ifPresent(of -> slots.put("shown", of));
            return words.say(shown.isPresent() ? "setting-up.on-stack.shown" : "setting-up.on-stack", slots);
        }
        if (shown.isPresent()) {
            return words.say("setting-up.on-bar", Map.of("bar", setting.on(), "shown", shown.get()));
        }
        return setting.micrometer().isPresent()
                ? words.say("setting-up.on-micrometer", Map.of("micrometer", setting.on()))
                : words.say("setting-up.on-ring", Map.of("ring", setting.on()));
    }

    private String sum(List<Length> blocks, LengthUnit unit) {
        return blocks.stream()
                .map(block -> figures.exactly(block, unit))
                .map(text -> text.substring(0, text.indexOf(' ')))
                .collect(Collectors.joining(" + "));
    }

    private SetOnView view(SetOnMaster on, Length wanted, Gauge gauge) {
        Length off = on.size().minus(wanted);
        String one = off.isZero() && on.blocks().size() == 1 ? ".one" : "";
        boolean isWrungForMicrometer = on.kind() == Kind.STACK && !gauge.kind().isComparator();
        String key = "setting-up." + on.kind().code()
                + (off.isZero() ? isWrungForMicrometer ? "" : one : ".near")
                + (isWrungForMicrometer ? ".micrometer" : "");
        return new SetOnView(
                on.key(),
                on.kind().code(),
                on.number(),
                figures.all(on.size(), gauge.unit()),
                figures.significant(on.expanded(), gauge.unit()),
                words.say(
                        key,
                        Map.of(
                                "number", on.number(),
                                "count", on.blocks().size(),
                                "off",
                                        figures.significant(off.abs(), gauge.unit())
                                                .withUnit(),
                                "side", words.say(off.isNegative() ? "setting-up.below" : "setting-up.above"),
                                "u",
                                        figures.significant(on.expanded(), gauge.unit())
                                                .withUnit())),
                on.blocks().stream()
                        .map(block -> figures.all(block, gauge.unit()))
                        .toList(),
                on.micrometer()
                        .map(of -> new LockedView(
                                of.scale().id(),
                                TypedFields.asTyped(of.base(), of.scale().unit()),
                                TypedFields.asTyped(on.size(), of.scale().unit())))
                        .orElse(null));
    }

    private String nothing(Gauge gauge, Length wanted) {
        return words.say(
                gauge.kind().isComparator() ? "setting-up.nothing" : "setting-up.nothing.micrometer",
                Map.of(
                        "gauge", gauge.shopNumber(),
                        "size", figures.exactly(wanted, gauge.unit()),
                        "travel", figures.exactly(SettingMasters.travel(Methods.atHand(gauge)), gauge.unit())));
    }

    private List<LengthText> faces(Gauge gauge) {
        return Stream.concat(
                        FACES.get(gauge.unit()).stream().map(face -> Length.of(new BigDecimal(face), gauge.unit())),
                        Stream.of(gauge.leastCount()))
                .distinct()
                .sorted()
                .map(face -> figures.reading(face, gauge.unit(), face))
                .toList();
    }

    private LengthText reading(Length length, Gauge gauge) {
        return figures.reading(length, gauge.unit(), gauge.leastCount());
    }
}
