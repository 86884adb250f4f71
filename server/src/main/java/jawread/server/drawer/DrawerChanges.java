package jawread.server.drawer;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.gauge.Usage;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.access.Person;
import jawread.server.door.TypedFigure;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the drawer: gauges added, described anew, and what befell them. */
@Service
public class DrawerChanges {
    /** A drawer is typed in within an hour, not at once. */
    private static final int MOST_AT_ONCE = 40;

    private static final int LONGEST_WORDS = 400;
    private final GaugeRepository gauges;
    private final GaugeEventRepository events;
    private final LastUse lastUse;
    private final Drawer drawer;
    private final GaugeEntry entry;
    private final TypedFields fields;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    DrawerChanges(
            GaugeRepository gauges,
            GaugeEventRepository events,
            LastUse lastUse,
            Drawer drawer,
            GaugeEntry entry,
            TypedFields fields,
            Journal journal,
            Clock clock,
            Words words,
            Locks locks) {
        this.gauges = gauges;
        this.events = events;
        this.lastUse = lastUse;
        this.drawer = drawer;
        this.entry = entry;
        this.fields = fields;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** Adds gauges, all or none. Refuses the first that cannot be, at its field, with its shop number as hint. */
    @Transactional
    public List<Gauge> add(List<TypedGauge> typed, Person person) {
        if (typed.isEmpty() || typed.size() > MOST_AT_ONCE) {
            throw Refused.field("gauges", "bad-gauge-count", words);
        }
        locks.drawer();
        var added = new ArrayList<Gauge>();
        for (TypedGauge each : typed) {
            added.add(add(entry.understood(each, Optional.empty()), person));
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        return added;
    }

    private Gauge add(GaugeHead head, Person person) {
        return keep(UUID.randomUUID(), new GaugeRow(head), GaugeEvent.Kind.ADDED, "", person);
    }

    /**
     * Describes a gauge anew. Refuses a change made over another's with 412, and another scale or base for one that was read
     * with: what was read rests on them.
     */
    @Transactional
    public Gauge write(long id, long edition, TypedGauge typed) {
        locks.drawer(id);
        Gauge gauge = drawer.byId(id);
        Editions.refuseUnlessSame(edition, gauge.version(), words);
        GaugeHead head = entry.understood(typed, Optional.of(gauge));
        boolean same = gauge.kind().equals(head.kind())
                && gauge.unit() == head.unit()
                && gauge.base().equals(head.base())
                && head.scale()
                        .map(scale -> scale.id())
                        .equals(gauge.hasScale() ? Optional.of(gauge.scale().id()) : Optional.empty());
        if (!same && lastUse.everOf(id)) {
            throw Refused.field("scale", "read-with", words);
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        GaugeRow row = row(gauge);
        row.write(head);
        return gauges.saveAndFlush(row).gauge();
    }

    /**
     * Writes down what befell a gauge, once. Refuses a word that is none, one that changes nothing (a gauge in use is not put
     * back in use), and a reason over 400 characters.
     */
    @Transactional
    public Gauge befell(UUID id, long gaugeId, String kind, String reason, Person person) {
        locks.drawer(gaugeId);
        Gauge gauge = drawer.byId(gaugeId);
        GaugeEvent.Kind what = GaugeEvent.Kind.of(kind)
                .filter(each -> each != GaugeEvent.Kind.ADDED && each != GaugeEvent.Kind.CALIBRATED)
                .orElseThrow(() -> Refused.field("kind", "no-such-event", words));
        if (reason.length() > LONGEST_WORDS) {
            throw Refused.field("words", "long-note", words);
        }
        Optional<GaugeEvent> before = events.findById(id).map(GaugeEventRow::event);
        if (before.isPresent()) {
            if (before.get().gaugeId() != gaugeId || before.get().kind() != what) {
                throw Refused.keptOtherwise(words);
            }
            return gauge;
        }
        GaugeState standing = gauge.mayMeasure() ? GaugeState.IN_USE : drawer.stateOf(gauge);
        if (what.after().filter(standing::equals).isPresent()) {
            throw Refused.field("kind", "already-so", words);
        }
        boolean needsReason = what == GaugeEvent.Kind.QUARANTINED || what == GaugeEvent.Kind.RETIRED;
        if (needsReason && reason.isBlank()) {
            throw Refused.field("words", "reason-needed", words);
        }
        journal.write(Journal.DRAWER, What.DRAWER);
        return keep(id, row(gauge), what, reason.strip(), person);
    }

    /** Quarantined by what a check found. */
    void sentAway(Gauge gauge, String reason, Person person) {
        keep(UUID.randomUUID(), row(gauge), GaugeEvent.Kind.QUARANTINED, reason, person);
    }

    private Gauge keep(UUID id, GaugeRow row, GaugeEvent.Kind what, String reason, Person person) {
        what.after().ifPresent(row::become);
        GaugeRow kept = gauges.saveAndFlush(row);
        events.save(new GaugeEventRow(id, kept.id(), what, reason, person, clock.instant()));
        return kept.gauge();
    }

    private GaugeRow row(Gauge gauge) {
        return gauges.findById(gauge.id()).orElseThrow();
    }

    /** A calibration as typed. @param on and due as 2026-03-10 @param due empty where nobody said */
    public record TypedCalibration(
            String on,
            @TypedFigure String error,
            @TypedFigure String expanded,
            String due) {}

    /**
     * Writes down what a laboratory found. Refuses one in the future, one that runs out before it was made, and a negative U. An
     * error beyond what such a gauge may show is kept, and said.
     */
    @Transactional
    public Gauge calibrated(long gaugeId, long edition, TypedCalibration typed, Person person) {
        locks.drawer(gaugeId);
        Gauge gauge = drawer.byId(gaugeId);
        Editions.refuseUnlessSame(edition, gauge.version(), words);
        LocalDate on = fields.date("on", typed.on()).orElseThrow(() -> Refused.field("on", "bad-date", words));
        if (on.isAfter(drawer.today())) {
            throw Refused.field("on", "calibration-in-future", words);
        }
        Optional<LocalDate> due = fields.date("due", typed.due());
        if (due.filter(until -> until.isBefore(on)).isPresent()) {
            throw Refused.field("due", "due-before", words);
        }
        LengthUnit unit = gauge.unit();
        Length error = fields.deviation("error", typed.error(), unit).orElse(Length.ZERO);
        Length expanded = fields.expanded("expanded", typed.expanded(), unit);
        journal.write(Journal.DRAWER, What.DRAWER);
        GaugeRow row = row(gauge);
        row.calibrated(new Calibration(on, error, expanded, due));
        return keep(UUID.randomUUID(), row, GaugeEvent.Kind.CALIBRATED, said(gauge, error, expanded, due), person);
    }

    private String said(Gauge gauge, Length error, Length expanded, Optional<LocalDate> due) {
        Optional<Length> most =
                gauge.error().or(() -> Methods.usages(gauge).findFirst().flatMap(Usage::permittedError));
        boolean beyond = most.filter(of -> error.abs().compareTo(of) > 0).isPresent();
        String key = "drawer.calibrated" + (due.isPresent() ? ".until" : "") + (beyond ? ".beyond" : "");
        return words.say(
                key,
                Map.of(
                        "error",
                        error,
                        "expanded",
                        expanded,
                        "due",
                        due.map(Dates::said).orElse(""),
                        "most",
                        most.orElse(Length.ZERO)),
                gauge.unit());
    }
}
