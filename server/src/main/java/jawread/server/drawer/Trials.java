package jawread.server.drawer;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.ReadWith;
import jawread.core.gauge.Master;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Known-size trials: what one person holds with one method. */
@Service
public class Trials {
    private static final int MOST_READINGS = 100;
    private final TrialRepository trials;
    private final Drawer drawer;
    private final Masters masters;
    private final TypedFields fields;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    Trials(
            TrialRepository trials,
            Drawer drawer,
            Masters masters,
            TypedFields fields,
            Journal journal,
            Clock clock,
            Words words,
            Locks locks) {
        this.trials = trials;
        this.drawer = drawer;
        this.masters = masters;
        this.fields = fields;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** A trial as typed. @param readings in the unit of what is read, in the order taken */
    public record TypedTrial(long gauge, Optional<Long> reader, long master, List<String> readings) {}

    /** A trial understood, with what it comes to; that is refused while there are too few readings. */
    public record TrialUnderstood(
            GaugeAndReader method,
            ShopMaster master,
            FeatureKind kind,
            List<Length> readings,
            Outcome<KnownSizeTrial> result) {}

    /**
     * What a trial comes to so far. Refuses a gauge that may not measure, a master that is not for it or outside its range, and
     * a reading that is no figure, with its number as hint.
     */
    @Transactional(readOnly = true)
    public TrialUnderstood understand(TypedTrial typed) {
        GaugeAndReader method = drawer.method(new ReadWith(typed.gauge(), typed.reader()));
        if (!method.mayMeasure()
                || method.gauge().kind().isTransfer() != method.reader().isPresent()) {
            throw fields.refused(
                    "gauge",
                    Refusal.of("trial-not-fit").with("gauge", method.number()),
                    method.gauge().unit());
        }
        ShopMaster master = masters.fitFor(typed.master(), method);
        FeatureKind kind = standsFor(master, method);
        if (typed.readings().size() > MOST_READINGS) {
            throw Refused.field("readings", "too-many-readings", words);
        }
        List<Length> readings =
                fields.sizes("readings", typed.readings(), method.read().unit());
        return new TrialUnderstood(
                method, master, kind, readings, KnownSizeTrial.of(readings, master.size(), master.expanded()));
    }

    /** Of a ring a bore, of all else an outside; where the gauge is for neither, what it is for. */
    private FeatureKind standsFor(ShopMaster master, GaugeAndReader method) {
        FeatureKind wanted = master.kind() == Master.Kind.RING ? FeatureKind.BORE : FeatureKind.OUTSIDE;
        Gauge gauge = method.gauge();
        if (Methods.isFor(gauge, wanted)) {
            return wanted;
        }
        return Methods.usages(gauge)
                .findFirst()
                .filter(usage -> master.kind() == Master.Kind.BLOCK)
                .map(usage -> usage.features().iterator().next())
                .orElseThrow(() -> fields.refused(
                        "master",
                        Refusal.of("master-of-another-kind")
                                .with("master", master.shopNumber())
                                .with("gauge", method.number()),
                        gauge.unit()));
    }

    /** Keeps a trial, once; from then on its s is used in everything this person measures with this method. */
    @Transactional
    public Trial keep(UUID id, TypedTrial typed, Person person) {
        return keep(id, typed, person, clock.instant());
    }

    /** One that was made before now. */
    @Transactional
    public Trial keep(UUID id, TypedTrial typed, Person person, Instant at) {
        locks.drawer(typed.gauge());
        Optional<Trial> before = trials.findById(id).map(TrialRow::trial);
        if (before.isPresent()) {
            if (before.get().gaugeId() != typed.gauge()) {
                throw Refused.keptOtherwise(words);
            }
            return before.get();
        }
        TrialUnderstood understood = understand(typed);
        understood.result().fold(trial -> trial, refusal -> {
            throw fields.refused(
                    "readings", refusal, understood.method().gauge().unit());
        });
        journal.write(Journal.DRAWER, What.DRAWER);
        return trials.save(new TrialRow(
                        id,
                        understood.method(),
                        understood.kind(),
                        understood.master(),
                        understood.readings(),
                        person,
                        at))
                .trial();
    }

    /** In the order of time. */
    @Transactional(readOnly = true)
    public List<Trial> of(Gauge gauge) {
        return trials.findAllByOrderByAt().stream()
                .map(TrialRow::trial)
                .filter(trial -> trial.gaugeId() == gauge.id())
                .toList();
    }
}
