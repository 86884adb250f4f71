package jawread.server.comparator;

import jakarta.annotation.Nullable;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.SettingMasters;
import jawread.core.gauge.Zeroed;
import jawread.core.gauge.Zeroed.Seen;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import jawread.core.scale.Digits;
import jawread.core.scale.Sense;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSettingRow.Stood;
import jawread.server.door.TypedFigure;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeCheck;
import jawread.server.drawer.Methods;
import jawread.server.drawer.ShopMaster;
import jawread.server.drawer.ZeroChecks;
import jawread.server.drawer.ZeroChecks.FoundCheck;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets comparators on masters, and says how long a setting is trusted. */
@Service
public class ComparatorSettings {
    private static final BigDecimal MOST_GRADUATIONS = BigDecimal.valueOf(500);
    private static final String MASTER = "master";
    private final ComparatorSettingRepository settings;
    private final Drawer drawer;
    private final SetOnMasters masters;
    private final ZeroChecks checks;
    private final TypedFields fields;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    ComparatorSettings(
            ComparatorSettingRepository settings,
            Drawer drawer,
            SetOnMasters masters,
            ZeroChecks checks,
            TypedFields fields,
            Journal journal,
            Clock clock,
            Words words,
            Locks locks) {
        this.settings = settings;
        this.drawer = drawer;
        this.masters = masters;
        this.checks = checks;
        this.fields = fields;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
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
     * @param shown by a micrometer on the master, as typed; empty for a comparator
     * @param again what it showed when it was closed on it once more
     */
    public record TypedSetting(
            @TypedFigure String wanted,
            String master,
            @TypedFigure String temperature,
            @TypedFigure String graduation,
            String pressed,
            String rocked,
            @TypedFigure String returned,
            @TypedFigure @Nullable String shown,
            @TypedFigure @Nullable String again) {
        /** Of a comparator. */
        public TypedSetting(
                String wanted,
                String master,
                String temperature,
                String graduation,
                String pressed,
                String rocked,
                String returned) {
            this(wanted, master, temperature, graduation, pressed, rocked, returned, "", "");
        }
    }

    /** As a setting names a master that it was made on. */
    public static String keyOf(ShopMaster master) {
        return "m" + master.id();
    }

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
        locks.drawer(gaugeId);
        Optional<ComparatorSetting> before = settings.findById(id).map(this::setting);
        if (before.isPresent()) {
            if (before.get().gaugeId() != gaugeId) {
                throw Refused.keptOtherwise(words);
            }
            return before.get();
        }
        Gauge gauge = settable(gaugeId);
        Length wanted = wanted(gauge, typed.wanted());
        SetOnMaster on = masters.at(gauge, wanted, at).stream()
                .filter(each -> each.key().equals(typed.master()))
                .findFirst()
                .orElseThrow(() -> fields.refused(
                        MASTER,
                        Refusal.of("cannot-be-set-on")
                                .with("gauge", gauge.shopNumber())
                                .with("size", wanted)
                                .with("travel", SettingMasters.travel(Methods.atHand(gauge))),
                        gauge.unit()));
        Stood stood = showsSizes(gauge) ? shownOn(typed, gauge) : zeroed(typed, gauge);
        if (gauge.kind().isComparator()) {
            stood.shown().ifPresent(preset -> refuseUnlessPreset(preset, on, gauge));
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        return setting(settings.save(new ComparatorSettingRow(
                id, gauge, on, wanted, fields.temperature("temperature", typed.temperature()), stood, person, at)));
    }

    private Stood zeroed(TypedSetting typed, Gauge gauge) {
        Zeroed zeroed = Zeroed.of(gauge.leastCount(), seen(typed, gauge)).fold(good -> good, refusal -> {
            throw fields.refused(fieldOf(refusal), refusal, gauge.unit());
        });
        return new Stood(zeroed, Optional.empty());
    }

    /** A needle shows how far it is from what it is set to; a micrometer and a display show the size itself. */
    static boolean showsSizes(Gauge gauge) {
        return !gauge.kind().isComparator() || gauge.scale() instanceof Digits;
    }

    /** What a display holds at the turning point in the master is the master's size, as near as it can show that. */
    private void refuseUnlessPreset(Length preset, SetOnMaster on, Gauge gauge) {
        if (preset.minus(on.size()).abs().compareTo(gauge.leastCount().half()) > 0) {
            throw fields.refused(
                    "shown", Refusal.of("preset-differs").with("preset", preset).with("size", on.size()), gauge.unit());
        }
    }

    /** It is read on the master, twice: it comes back within a line, or the faces are not clean. */
    private Stood shownOn(TypedSetting typed, Gauge gauge) {
        Length face = graduation(typed, gauge);
        if (!face.equals(gauge.leastCount())) {
            throw fields.refused(
                    "graduation",
                    Refusal.of("graduation-differs").with("face", face).with("kept", gauge.leastCount()),
                    gauge.unit());
        }
        Length shown = shown("shown", typed.shown(), gauge);
        Length apart = shown("again", typed.again(), gauge).minus(shown);
        BigDecimal lines = BigDecimal.valueOf(apart.picometres())
                .divide(BigDecimal.valueOf(gauge.leastCount().picometres()), 1, RoundingMode.HALF_EVEN);
        if (lines.abs().compareTo(Zeroed.MOST_RETURNED) > 0) {
            throw fields.refused("again", Refusal.of("not-the-same").with("apart", apart.abs()), gauge.unit());
        }
        return new Stood(new Zeroed(Sense.GROWS, lines), Optional.of(shown));
    }

    private Length shown(String field, String text, Gauge gauge) {
        return fields.size(field, text == null ? "" : text, gauge.unit())
                .orElseThrow(() -> Refused.field(field, "shown-needed", words));
    }

    /** Of those that are named; one that nobody kept is left out. */
    @Transactional(readOnly = true)
    public List<ComparatorSetting> byIds(Collection<UUID> ids) {
        return settings.findAllByIdIn(ids).stream().map(this::setting).toList();
    }

    private ComparatorSetting setting(ComparatorSettingRow row) {
        return row.setting(row.micrometerId()
                .map(id -> drawer.byId(id).shopNumber())
                .orElseGet(() -> drawer.masterById(row.masterId().orElseThrow()).shopNumber()));
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
                graduation(typed, gauge),
                rises("pressed", typed.pressed()),
                rises("rocked", typed.rocked()),
                graduations("returned", typed.returned()));
    }

    private Length graduation(TypedSetting typed, Gauge gauge) {
        return fields.size("graduation", typed.graduation(), gauge.unit())
                .orElseThrow(() -> Refused.field("graduation", "graduation-needed", words));
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

    /** Refuses one that is no comparator, and one that may not measure. */
    private Gauge comparator(long id) {
        Gauge gauge = settable(id);
        if (!gauge.kind().isComparator()) {
            throw Refused.field("gauge", "no-comparator", words);
        }
        return gauge;
    }

    /** A comparator, or a micrometer. Refuses one that is set on nothing, and one that may not measure. */
    Gauge settable(long id) {
        Gauge gauge = drawer.byId(id);
        if (!gauge.kind().mayBeSet()) {
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

    /** The last one made; empty for one never set. */
    @Transactional(readOnly = true)
    public Optional<ComparatorSetting> of(Gauge gauge) {
        return settings.findFirstByGaugeIdOrderByAtDesc(gauge.id()).map(this::setting);
    }

    /** The one that stood at a moment: readings that were long on their way rest on what was set when they were taken. */
    @Transactional(readOnly = true)
    public Optional<ComparatorSetting> of(Gauge gauge, Instant at) {
        return settings.findFirstByGaugeIdAndAtLessThanEqualOrderByAtDesc(gauge.id(), at)
                .map(this::setting)
                .or(() -> of(gauge));
    }

    @Transactional(readOnly = true)
    public List<ComparatorSetting> allOf(Gauge gauge) {
        return settings.findAllByGaugeIdOrderByAt(gauge.id()).stream()
                .map(this::setting)
                .toList();
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
        locks.drawer(gaugeId);
        Gauge gauge = comparator(gaugeId);
        ComparatorSetting setting = of(gauge).orElseThrow(() -> Refused.field("gauge", "never-set", words));
        return checks.keepFound(
                id,
                gauge,
                new FoundCheck(
                        setting.master().map(drawer::masterById),
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
