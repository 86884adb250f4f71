package jawread.server.drawer;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.gauge.Drift;
import jawread.core.gauge.Drift.Checked;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.storage.Locks;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at gauges' zeros: kept, and what follows from them. */
@Service
public class ZeroChecks {
    private static final Kind<Long, Length> CORRECTION = Kind.small("correction");

    private final InstrumentsInForce instruments;
    private final Snapshots snapshots;
    private final GaugeCheckRepository checks;
    private final Drawer drawer;
    private final DrawerChanges changes;
    private final Masters masters;
    private final TypedFields fields;
    private final LastUse lastUse;
    private final LastSet lastSet;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    ZeroChecks(
            InstrumentsInForce instruments,
            Snapshots snapshots,
            GaugeCheckRepository checks,
            Drawer drawer,
            DrawerChanges changes,
            Masters masters,
            TypedFields fields,
            LastUse lastUse,
            LastSet lastSet,
            ShopSettings settings,
            Journal journal,
            Clock clock,
            Words words,
            Locks locks) {
        this.instruments = instruments;
        this.snapshots = snapshots;
        this.checks = checks;
        this.drawer = drawer;
        this.changes = changes;
        this.masters = masters;
        this.fields = fields;
        this.lastUse = lastUse;
        this.lastSet = lastSet;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /**
     * A check as typed.
     *
     * @param master it was looked at on; empty: on closed faces
     * @param shown what the gauge showed, as found: on a master its size, on closed faces the error itself
     * @param done nothing, set-to-zero, sent-away
     * @param shownAfter what it showed when looked at again; empty where it was not
     * @param temperature in °C; empty where nobody measured
     */
    public record TypedCheck(
            Optional<Long> master,
            String shown,
            String done,
            String shownAfter,
            String temperature,
            boolean unitConfirmed) {}

    /**
     * Keeps a check, once. Refuses one on a gauge that is quarantined or retired, on a master outside its range or one that may
     * not be used, a switchable display whose unit nobody confirmed, a zero that was set and not looked at again, and a check of tomorrow.
     *
     * @param madeAt empty: now
     */
    @Transactional
    public GaugeCheck keep(UUID id, long gaugeId, TypedCheck typed, Person person, Optional<Instant> madeAt) {
        Instant now = clock.instant();
        if (madeAt.filter(now::isBefore).isPresent()) {
            throw Refused.field("madeAt", "made-later", words);
        }
        return keep(id, gaugeId, typed, person, madeAt.orElse(now));
    }

    /** One that was made before now. */
    @Transactional
    public GaugeCheck keep(UUID id, long gaugeId, TypedCheck typed, Person person, Instant at) {
        locks.drawer(gaugeId);
        Gauge gauge = drawer.byId(gaugeId);
        Optional<GaugeCheck> before = keptBefore(id, gauge);
        if (before.isPresent()) {
            return before.get();
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
        if (!gauge.kind().hasZero()) {
            throw Refused.field("gauge", "no-zero", words);
        }
        if (gauge.switchable() && !typed.unitConfirmed()) {
            throw Refused.field("unitConfirmed", "unit-unconfirmed", words);
        }
        Optional<ShopMaster> master = typed.master().map(of -> masters.fitFor(of, GaugeAndReader.of(gauge)));
        Length found = error("shown", typed.shown(), master, gauge.unit())
                .orElseThrow(() -> Refused.field("shown", "shown-needed-of-zero", words));
        return save(
                id,
                gauge,
                new FoundCheck(
                        master,
                        found,
                        typed.done(),
                        error("shownAfter", typed.shownAfter(), master, gauge.unit()),
                        fields.temperature("temperature", typed.temperature())),
                typed.unitConfirmed(),
                person,
                at);
    }

    /**
     * A check whose error is known already: of a comparator on its own master.
     *
     * @param found shown − true
     * @param left the same, when looked at again; empty where it was not
     */
    public record FoundCheck(
            Optional<ShopMaster> master,
            Length found,
            String done,
            Optional<Length> left,
            Optional<BigDecimal> temperature) {}

    /** Keeps it, once. */
    @Transactional
    public GaugeCheck keepFound(UUID id, Gauge gauge, FoundCheck found, Person person, Instant at) {
        locks.drawer(gauge.id());
        return keptBefore(id, gauge).orElseGet(() -> save(id, gauge, found, false, person, at));
    }

    private Optional<GaugeCheck> keptBefore(UUID id, Gauge gauge) {
        Optional<GaugeCheck> before = checks.findById(id).map(GaugeCheckRow::check);
        if (before.filter(of -> of.gaugeId() != gauge.id()).isPresent()) {
            throw Refused.keptOtherwise(words);
        }
        return before;
    }

    private GaugeCheck save(UUID id, Gauge gauge, FoundCheck found, boolean unitConfirmed, Person person, Instant at) {
        ZeroCheck check = ZeroCheck.of(
                        found.found(), done(found.done()), found.left().orElse(null))
                .fold(accepted -> accepted, refusal -> {
                    throw fields.refused("shownAfter", refusal, gauge.unit());
                });
        journal.lookedAt(lastGoodBefore(gauge, at));
        GaugeCheck kept = checks.save(new GaugeCheckRow(
                        id, gauge, found.master(), found.temperature(), check, unitConfirmed, person, at))
                .check();
        if (check.done() == ZeroCheck.Done.SENT_AWAY) {
            changes.sentAway(gauge, words.say("drawer.sent-away"), person);
        }
        return kept;
    }

    private Instant lastGoodBefore(Gauge gauge, Instant at) {
        return instruments
                .with(Set.of(gauge.id()))
                .of(gauge.id())
                .zeros()
                .lastGoodBefore(at.toEpochMilli())
                .map(look -> Instant.ofEpochMilli(look.at()))
                .orElse(Instant.EPOCH);
    }

    private ZeroCheck.Done done(String code) {
        return ZeroCheck.Done.of(code).orElseThrow(() -> Refused.field("done", "no-such-action", words));
    }

    /** Shown − true; empty for an empty text. On closed faces the error itself is shown. */
    private Optional<Length> error(String field, String shown, Optional<ShopMaster> master, LengthUnit unit) {
        return master.map(of -> fields.size(field, shown, unit).map(size -> size.minus(of.size())))
                .orElseGet(() -> fields.deviation(field, shown, unit));
    }

    @Transactional(readOnly = true)
    public List<GaugeCheck> of(Gauge gauge) {
        return checks.findAllByGaugeIdOrderByAt(gauge.id()).stream()
                .map(GaugeCheckRow::check)
                .toList();
    }

    /**
     * What is added to a reading taken now: the known error that was left, within what may be left alone too. A comparator that
     * was set since begins anew.
     */
    @Transactional(readOnly = true)
    public Length correction(Gauge gauge) {
        return snapshots.of(CORRECTION, gauge.id(), List.of(Subject.gauge(gauge.id())), () -> correctionNow(gauge));
    }

    private Length correctionNow(Gauge gauge) {
        Instant set =
                gauge.kind().isComparator() ? lastSet.ofGauges().getOrDefault(gauge.id(), Instant.MIN) : Instant.MIN;
        return of(gauge).stream()
                .reduce((before, after) -> after)
                .filter(check -> !check.at().isBefore(set))
                .map(check -> check.result().correction())
                .orElse(Length.ZERO);
    }

    /** How its zero moves, in µm a month; empty with too few checks. */
    public static OptionalDouble drift(List<GaugeCheck> checks) {
        return Drift.perMonth(checks.stream()
                .map(check -> new Checked(
                        check.at().toEpochMilli() / (double) Duration.ofDays(1).toMillis(),
                        check.result().found(),
                        check.result().left()))
                .toList());
    }

    /** Which gauges want their zero looked at, and why: asked once for all of a list. */
    @Transactional(readOnly = true)
    public ZerosWanting wanting() {
        Instant now = clock.instant();
        Duration longestBreak =
                Duration.ofHours(settings.number(Setting.CHECK_BREAK_HOURS).longValue());
        return new ZerosWanting(
                checks.findLastOfEach().stream()
                        .map(GaugeCheckRow::check)
                        .collect(Collectors.toMap(GaugeCheck::gaugeId, Function.identity())),
                checks.findFirstByAtAfterAndTemperatureIsNotNullOrderByAtDesc(now.minus(longestBreak))
                        .flatMap(row -> row.check().temperature()),
                drawer.last(GaugeEvent.Kind.DROPPED, GaugeEvent.Kind.NEW_BATTERY, GaugeEvent.Kind.SWITCHED_OFF),
                lastUse.ofGauges(),
                lastSet.ofGauges(),
                now,
                longestBreak.toMinutes());
    }
}
