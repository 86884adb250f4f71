package jawread.server.comparator;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.gauge.CheckWanted;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.SettingLife;
import jawread.core.gauge.SettingMasters;
import jawread.core.gauge.SettingMasters.Kind;
import jawread.core.gauge.SettingMasters.SetOn;
import jawread.core.gauge.Zeroed;
import jawread.core.gauge.Zeroed.Seen;
import jawread.core.heat.Material;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import jawread.core.stack.Wringing;
import jawread.server.access.Person;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeCheck;
import jawread.server.drawer.LastUse;
import jawread.server.drawer.Methods;
import jawread.server.drawer.ShopMaster;
import jawread.server.drawer.ZeroChecks;
import jawread.server.drawer.ZeroChecks.FoundCheck;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets comparators on masters, and says how long a setting is trusted. */
@Service
public class ComparatorSettings {
    private static final BigDecimal MOST_GRADUATIONS = BigDecimal.valueOf(500);
    private static final String MASTER = "master";
    private final ComparatorSettingRepository settings;
    private final Drawer drawer;
    private final Methods methods;
    private final ZeroChecks checks;
    private final LastUse uses;
    private final TypedFields fields;
    private final ShopSettings shop;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    ComparatorSettings(
            ComparatorSettingRepository settings,
            Drawer drawer,
            Methods methods,
            ZeroChecks checks,
            LastUse uses,
            TypedFields fields,
            ShopSettings shop,
            Journal journal,
            Clock clock,
            Words words) {
        this.settings = settings;
        this.drawer = drawer;
        this.methods = methods;
        this.checks = checks;
        this.uses = uses;
        this.fields = fields;
        this.shop = shop;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /**
     * A setting as it was gone through.
     *
     * @param wanted size, as typed
     * @param master key of what it was set on
     * @param temperature of the master, in °C; empty where nobody measured
     * @param graduation as the face says
     * @param pressed rise or fall: where the figures went when a thumb pushed the contact in
     * @param rocked rise or fall: where they go when it is rocked away from the turning point
     * @param returned by the second sweep, in graduations
     */
    public record TypedSetting(
            String wanted,
            String master,
            String temperature,
            String graduation,
            String pressed,
            String rocked,
            String returned) {}

    /** As {@link #keep(UUID, long, TypedSetting, Person, Instant)}, now. */
    @Transactional
    public ComparatorSetting keep(UUID id, long gaugeId, TypedSetting typed, Person person) {
        return keep(id, gaugeId, typed, person, clock.instant());
    }

    /**
     * Keeps a setting, once. Refuses a gauge that is no comparator or may not measure, a master it cannot be set on at that size,
     * a face that says another graduation, thumb and rocking that contradict each other, and a needle that did not come back.
     */
    @Transactional
    public ComparatorSetting keep(UUID id, long gaugeId, TypedSetting typed, Person person, Instant at) {
        Optional<ComparatorSetting> before = settings.findById(id);
        if (before.isPresent()) {
            if (before.get().gaugeId() != gaugeId) {
                throw Refused.of(HttpStatus.CONFLICT, "kept-otherwise", words.say("problem.kept-otherwise"));
            }
            return before.get();
        }
        Gauge gauge = comparator(gaugeId);
        Length wanted = wanted(gauge, typed.wanted());
        SetOnMaster on = on(gauge, wanted).stream()
                .filter(each -> each.key().equals(typed.master()))
                .findFirst()
                .orElseThrow(() -> fields.refused(
                        MASTER,
                        Refusal.of("cannot-be-set-on")
                                .with("gauge", gauge.shopNumber())
                                .with("size", wanted)
                                .with("travel", SettingMasters.travel(Methods.atHand(gauge))),
                        gauge.unit()));
        Zeroed zeroed = Zeroed.of(gauge.leastCount(), seen(typed, gauge)).fold(good -> good, refusal -> {
            throw fields.refused(fieldOf(refusal), refusal, gauge.unit());
        });
        journal.write(Journal.DRAWER, What.DRAWER);
        return settings.save(new ComparatorSetting(
                id, gauge, on, wanted, fields.temperature("temperature", typed.temperature()), zeroed, person, at));
    }

    private static String fieldOf(Refusal refusal) {
        return switch (refusal.code()) {
            case "graduation-differs" -> "graduation";
            case "not-returned" -> "returned";
            default -> "rocked";
        };
    }

    private Seen seen(TypedSetting typed, Gauge gauge) {
        return new Seen(
                fields.size("graduation", typed.graduation(), gauge.unit())
                        .orElseThrow(() -> Refused.field("graduation", "graduation-needed", words)),
                rises("pressed", typed.pressed()),
                rises("rocked", typed.rocked()),
                graduations("returned", typed.returned()));
    }

    private boolean rises(String field, String text) {
        return switch (text) {
            case "rise" -> true;
            case "fall" -> false;
            default -> throw Refused.field(field, "rise-or-fall", words);
        };
    }

    private BigDecimal graduations(String field, String text) {
        return TypedNumber.within(text.replace("+", ""), MOST_GRADUATIONS.negate(), MOST_GRADUATIONS)
                .filter(count -> count.scale() <= 1)
                .orElseThrow(() -> Refused.field(field, "bad-graduations", words));
    }

    /** Refuses one that is set on nothing, and one that may not measure. */
    Gauge comparator(long id) {
        Gauge gauge = drawer.byId(id);
        if (!gauge.kind().isComparator()) {
            throw Refused.field("gauge", "no-comparator", words);
        }
        if (!gauge.mayMeasure()) {
            throw fields.refused(
                    "gauge",
                    Refusal.of("check-not-fit")
                            .with("gauge", gauge.shopNumber())
                            .with(
                                    "state",
                                    words.say("gauge.state."
                                            + drawer.stateOf(gauge).code())),
                    gauge.unit());
        }
        return gauge;
    }

    /** Refuses a size that is none, and one outside its range. */
    Length wanted(Gauge gauge, String typed) {
        Length wanted = fields.aboveZero("wanted", typed, gauge.unit(), "size-needed")
                .orElseThrow(() -> Refused.field("wanted", "size-needed", words));
        if (!gauge.range().covers(wanted)) {
            throw fields.refused(
                    "wanted",
                    Refusal.of("outside-range")
                            .with("gauge", gauge.shopNumber())
                            .with("low", gauge.range().low())
                            .with("high", gauge.range().high()),
                    gauge.unit());
        }
        return wanted;
    }

    /** All of the drawer that it can be set on at a size, the best known first. */
    @Transactional(readOnly = true)
    public List<SetOnMaster> on(Gauge gauge, Length wanted) {
        AtHand atHand = methods.atHand(Optional.empty());
        Map<String, ShopMaster> masters =
                drawer.masters().stream().collect(Collectors.toMap(ShopMaster::shopNumber, master -> master));
        Map<String, Gauge> gauges = drawer.all().stream().collect(Collectors.toMap(Gauge::shopNumber, each -> each));
        return atHand.settingMasters(atHand.warmth(Material.STEEL)).at(Methods.atHand(gauge), wanted).stream()
                .map(of -> of.kind() == Kind.MICROMETER
                        ? locked(of, gauges.get(of.number()))
                        : made(of, masters.get(of.number())))
                .toList();
    }

    private static SetOnMaster locked(SetOn of, Gauge micrometer) {
        return new SetOnMaster(
                of.kind(), Optional.empty(), Optional.of(micrometer), List.of(), of.size(), of.expanded());
    }

    private static SetOnMaster made(SetOn of, ShopMaster master) {
        List<Length> blocks = master.blocks()
                .map(set -> Wringing.of(set.present(master.unit()), of.size(), Length.ZERO)
                        .blocks())
                .orElse(List.of());
        return new SetOnMaster(of.kind(), Optional.of(master), Optional.empty(), blocks, of.size(), of.expanded());
    }

    /** The last one made; empty for one never set. */
    @Transactional(readOnly = true)
    public Optional<ComparatorSetting> of(Gauge gauge) {
        return settings.findFirstByGaugeIdOrderByAtDesc(gauge.id());
    }

    /** The one that stood at a moment: readings that were long on their way rest on what was set when they were taken. */
    @Transactional(readOnly = true)
    public Optional<ComparatorSetting> of(Gauge gauge, Instant at) {
        return settings.findFirstByGaugeIdAndAtLessThanEqualOrderByAtDesc(gauge.id(), at)
                .or(() -> of(gauge));
    }

    @Transactional(readOnly = true)
    public List<ComparatorSetting> allOf(Gauge gauge) {
        return settings.findAllByGaugeIdOrderByAt(gauge.id());
    }

    /** When its setting was last looked at: made, or put back on its master since. */
    @Transactional(readOnly = true)
    public Instant lookedAt(ComparatorSetting setting, Gauge gauge) {
        return checks.of(gauge).stream()
                .map(GaugeCheck::at)
                .filter(at -> at.isAfter(setting.at()))
                .reduce(setting.at(), (one, other) -> one.isAfter(other) ? one : other);
    }

    /** Why it wants to be set, or put back on its master, before a size is measured with it; empty when it may be read. */
    @Transactional(readOnly = true)
    public Optional<CheckWanted> wanted(Gauge gauge, Length size) {
        GaugeAtHand atHand = Methods.atHand(gauge);
        return of(gauge)
                .filter(setting -> setting.size().minus(size).abs().compareTo(SettingMasters.travel(atHand)) <= 0)
                .map(setting -> tooOld(setting, gauge))
                .orElse(Optional.of(CheckWanted.NOT_SET));
    }

    /** Why a setting is trusted no more; empty while it is. */
    @Transactional(readOnly = true)
    public Optional<CheckWanted> tooOld(ComparatorSetting setting, Gauge gauge) {
        Instant looked = lookedAt(setting, gauge);
        return life().wanted(
                        Duration.between(looked, clock.instant()).toMinutes(), uses.readingsSince(gauge.id(), looked));
    }

    SettingLife life() {
        return new SettingLife(
                shop.number(Setting.SETTING_MINUTES).longValue(),
                shop.number(Setting.SETTING_READINGS).longValue());
    }

    /**
     * Keeps what it showed when it was put back on its master: a look at its zero like any other, from which doubt travels back.
     *
     * @param needle what it showed, in graduations
     * @param done nothing or set-to-zero
     * @param after what it showed then; empty where nothing was done
     */
    @Transactional
    public GaugeCheck putBack(UUID id, long gaugeId, String needle, String done, String after, Person person) {
        Gauge gauge = comparator(gaugeId);
        ComparatorSetting setting = of(gauge).orElseThrow(() -> Refused.field("gauge", "never-set", words));
        return checks.keepFound(
                id,
                gauge,
                new FoundCheck(
                        setting.master(),
                        error("needle", needle, setting, gauge),
                        done,
                        after.isBlank() ? Optional.empty() : Optional.of(error("after", after, setting, gauge)),
                        setting.temperature()),
                person,
                clock.instant());
    }

    private Length error(String field, String needle, ComparatorSetting setting, Gauge gauge) {
        return gauge.leastCount()
                .times(graduations(field, needle))
                .times(setting.sense().sign());
    }
}
