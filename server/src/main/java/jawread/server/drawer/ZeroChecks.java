package jawread.server.drawer;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import jawread.core.gauge.CheckWanted;
import jawread.core.gauge.CheckWanted.Since;
import jawread.core.gauge.Drift;
import jawread.core.gauge.Drift.Checked;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.server.access.Person;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at gauges' zeros: kept, and what follows from them. */
@Service
public class ZeroChecks {
    private static final BigDecimal COLDEST = new BigDecimal("-60");
    private static final BigDecimal HOTTEST = new BigDecimal("150");
    private final GaugeCheckRepository checks;
    private final Drawer drawer;
    private final DrawerChanges changes;
    private final LastUse lastUse;
    private final ShopSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    public ZeroChecks(
            GaugeCheckRepository checks,
            Drawer drawer,
            DrawerChanges changes,
            LastUse lastUse,
            ShopSettings settings,
            Journal journal,
            Clock clock,
            Words words) {
        this.checks = checks;
        this.drawer = drawer;
        this.changes = changes;
        this.lastUse = lastUse;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
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
            Optional<Long> job,
            String shown,
            String done,
            String shownAfter,
            String temperature,
            boolean unitConfirmed) {}

    /**
     * Keeps a check, once. Refuses one on a gauge that is quarantined or retired, on a master outside its range or one that may
     * not be used, a switchable display whose unit nobody confirmed, and a zero that was set and not looked at again.
     */
    @Transactional
    public GaugeCheck keep(UUID id, long gaugeId, TypedCheck typed, Person person) {
        return keep(id, gaugeId, typed, person, clock.instant());
    }

    /** One that was made before now. */
    @Transactional
    public GaugeCheck keep(UUID id, long gaugeId, TypedCheck typed, Person person, Instant at) {
        Gauge gauge = drawer.byId(gaugeId);
        Optional<GaugeCheck> before = checks.findById(id);
        if (before.isPresent()) {
            if (before.get().gaugeId() != gaugeId) {
                throw Refused.of(HttpStatus.CONFLICT, "kept-otherwise", words.say("problem.kept-otherwise"));
            }
            return before.get();
        }
        if (!gauge.mayMeasure()) {
            var refusal = Refusal.of("check-not-fit")
                    .with("gauge", gauge.shopNumber())
                    .with(
                            "state",
                            words.say("gauge.state." + drawer.stateOf(gauge).code()));
            throw Refused.field("gauge", refusal, words.say(refusal, gauge.unit()));
        }
        if (!gauge.kind().hasZero()) {
            throw Refused.field("gauge", "no-zero", words);
        }
        if (gauge.switchable() && !typed.unitConfirmed()) {
            throw Refused.field("unitConfirmed", "unit-unconfirmed", words);
        }
        Optional<ShopMaster> master = typed.master().map(drawer::masterById);
        master.ifPresent(of -> refuseUnlessFor(gauge, of));
        Length truth = master.map(ShopMaster::size).orElse(Length.ZERO);
        Length found = error("shown", typed.shown(), truth, gauge.unit())
                .orElseThrow(() -> Refused.field("shown", "shown-needed", words));
        ZeroCheck check = ZeroCheck.of(
                        found,
                        done(typed.done()),
                        error("shownAfter", typed.shownAfter(), truth, gauge.unit())
                                .orElse(null))
                .fold(accepted -> accepted, refusal -> {
                    throw Refused.field("shownAfter", refusal, words.say(refusal, gauge.unit()));
                });
        journal.write(typed.job().orElse(Journal.DRAWER), What.DRAWER);
        GaugeCheck kept = checks.save(new GaugeCheck(
                id,
                gauge,
                master,
                typed.job(),
                temperature(typed.temperature()),
                check,
                typed.unitConfirmed(),
                person,
                at));
        if (check.done() == ZeroCheck.Done.SENT_AWAY) {
            changes.sentAway(gauge, words.say("drawer.sent-away"), person);
        }
        return kept;
    }

    private void refuseUnlessFor(Gauge gauge, ShopMaster master) {
        if (!drawer.mayBeUsed(master)) {
            var refusal = Refusal.of("master-not-fit").with("master", master.shopNumber());
            throw Refused.field("master", refusal, words.say(refusal, gauge.unit()));
        }
        if (!gauge.covers(master.size())) {
            var refusal = Refusal.of("master-outside-range")
                    .with("master", master.shopNumber())
                    .with("gauge", gauge.shopNumber())
                    .with("size", master.size())
                    .with("low", gauge.rangeLow())
                    .with("high", gauge.rangeHigh());
            throw Refused.field("master", refusal, words.say(refusal, gauge.unit()));
        }
    }

    private ZeroCheck.Done done(String code) {
        return ZeroCheck.Done.of(code).orElseThrow(() -> Refused.field("done", "no-such-action", words));
    }

    /** Shown − true; empty for an empty text. */
    private Optional<Length> error(String field, String shown, Length truth, LengthUnit unit) {
        if (shown.isBlank()) {
            return Optional.empty();
        }
        TypedLength.Kind kind = truth.isZero() ? TypedLength.Kind.DEVIATION : TypedLength.Kind.SIZE;
        return Optional.of(TypedLength.parse(shown, unit, kind)
                .fold(typed -> typed.length().minus(truth), refusal -> {
                    throw Refused.field(field, refusal, words.say(refusal, unit));
                }));
    }

    private Optional<BigDecimal> temperature(String text) {
        String figure = text.replace("°C", "");
        if (figure.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(TypedNumber.within(figure, COLDEST, HOTTEST)
                .orElseThrow(() -> Refused.field("temperature", "bad-temperature", words)));
    }

    @Transactional(readOnly = true)
    public List<GaugeCheck> of(Gauge gauge) {
        return checks.findAllByGaugeIdOrderByAt(gauge.id());
    }

    /** What is added to a reading taken now: the known error that was left, where it was more than may be left alone. */
    @Transactional(readOnly = true)
    public Length correction(Gauge gauge) {
        return of(gauge).stream()
                .reduce((before, after) -> after)
                .map(check -> check.result().correction(check.allowed()))
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
    public Wanting wanting() {
        return new Wanting(
                checks.findAllByOrderByAt(),
                drawer.events(),
                lastUse.ofGauges(),
                clock.instant(),
                settings.number(Setting.CHECK_BREAK_HOURS).longValue() * 60);
    }

    /** What is known of all gauges at one moment. @param longestBreak in minutes */
    public record Wanting(
            List<GaugeCheck> checks, List<GaugeEvent> events, Map<Long, Instant> uses, Instant now, long longestBreak) {
        /** Empty for one that may be read with as it is, and for one that is not measured with at all. */
        public Optional<CheckWanted> of(Gauge gauge) {
            if (!gauge.mayMeasure() || !gauge.kind().hasZero()) {
                return Optional.empty();
            }
            Optional<GaugeCheck> last = lastOf(gauge);
            Instant since = last.map(GaugeCheck::at).orElse(Instant.MIN);
            Optional<Instant> used = Optional.ofNullable(uses.get(gauge.id()));
            Instant touched = used.filter(at -> at.isAfter(since)).orElse(since);
            return CheckWanted.of(
                    new Since(
                            last.isPresent(),
                            has(gauge, GaugeEvent.Kind.DROPPED, since),
                            has(gauge, GaugeEvent.Kind.NEW_BATTERY, since),
                            last.isPresent() ? Duration.between(touched, now).toMinutes() : 0,
                            last.map(this::warmerSince).orElse(0.0),
                            used.filter(at -> at.isAfter(since)).isPresent()),
                    longestBreak);
        }

        /** Against what was last noted at any gauge, unless that is too long ago to say how warm it is now. */
        private double warmerSince(GaugeCheck check) {
            Instant oldest = now.minus(Duration.ofMinutes(longestBreak));
            return checks.stream()
                    .filter(each -> each.temperature().isPresent() && each.at().isAfter(oldest))
                    .reduce((before, after) -> after)
                    .flatMap(GaugeCheck::temperature)
                    .flatMap(is ->
                            check.temperature().map(was -> is.subtract(was).doubleValue()))
                    .orElse(0.0);
        }

        public Optional<GaugeCheck> lastOf(Gauge gauge) {
            return checks.stream()
                    .filter(check -> check.gaugeId() == gauge.id())
                    .reduce((before, after) -> after);
        }

        private boolean has(Gauge gauge, GaugeEvent.Kind kind, Instant since) {
            return events.stream()
                    .anyMatch(event -> event.gaugeId() == gauge.id()
                            && event.kind() == kind
                            && event.at().isAfter(since));
        }
    }
}
