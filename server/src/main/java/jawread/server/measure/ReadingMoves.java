package jawread.server.measure;

import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.core.assess.SamePlace;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Lineage;
import jawread.server.job.Lineage.Seat;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves readings that were taken under another part or place to where they belong: nothing is read again, and nothing is lost. */
@Service
public class ReadingMoves {
    private final ReadingMoveRepository moves;
    private final ReadingRepository readings;
    private final Jobs jobs;
    private final PlansInForce plans;
    private final JobLocks locks;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    ReadingMoves(
            ReadingMoveRepository moves,
            ReadingRepository readings,
            Jobs jobs,
            PlansInForce plans,
            JobLocks locks,
            People people,
            Journal journal,
            Clock clock,
            Words words) {
        this.moves = moves;
        this.readings = readings;
        this.jobs = jobs;
        this.plans = plans;
        this.locks = locks;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /**
     * What belongs where.
     *
     * @param from the part that the readings stand under now
     * @param to a part of the same plan
     * @param feature an edition of the feature that they belong to; empty: each stays with its own
     * @param place that they belong to; empty: each stays at its own, or at the one that lies alike in the other feature
     */
    public record Belonging(
            Collection<UUID> readings, long from, long to, Optional<Long> feature, Optional<Long> place) {}

    /** @param id made by the browser, so that sending it twice moves once */
    public record Move(UUID id, Belonging belonging, String reason, long person) {}

    /**
     * Moves them, once.
     *
     * @throws Refused where {@link #goingTo} refuses, and without a reason
     */
    @Transactional
    public Receipt move(Move asked) {
        locks.ofPart(asked.belonging().from());
        Set<UUID> wanted = Set.copyOf(asked.belonging().readings());
        List<ReadingMoveRow> before = moves.findAllByMoveId(asked.id());
        if (!before.isEmpty()) {
            if (!before.stream()
                    .map(ReadingMoveRow::readingId)
                    .collect(Collectors.toSet())
                    .equals(wanted)) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(asked.id());
        }
        String reason = Marks.reason(asked.reason(), words);
        return keep(asked.id(), goingTo(asked.belonging()), reason, people.byId(asked.person()));
    }

    /**
     * Puts back what a move moved, to where it stood before it. Refuses what was moved again since.
     *
     * @param id of this, made by the browser
     */
    @Transactional
    public Receipt undo(UUID id, UUID move, long person) {
        List<ReadingMoveRow> made = moves.findAllByMoveId(move);
        if (made.isEmpty()) {
            throw Refused.of(HttpStatus.NOT_FOUND, "no-such-move", words.say("problem.no-such-move"));
        }
        locks.ofPart(made.get(0).to().part());
        if (!moves.findAllByMoveId(id).isEmpty()) {
            return Receipt.before(id);
        }
        Map<UUID, ReadingRow> rows =
                rows(made.stream().map(ReadingMoveRow::readingId).toList());
        var back = new HashMap<UUID, MovedTo>();
        rows.forEach((reading, row) -> back.put(reading, new MovedTo(row.partId(), row.placeId())));
        for (ReadingMoveRow each : moves.findAllByReadingIdInOrderByMadeAt(rows.keySet())) {
            if (each.moveId().equals(move)) {
                continue;
            }
            if (each.madeAt().isAfter(made.get(0).madeAt())) {
                throw Refused.of(HttpStatus.CONFLICT, "moved-again", words.say("problem.moved-again"));
            }
            back.put(each.readingId(), each.to());
        }
        return keep(id, back, words.say("move.undone"), people.byId(person));
    }

    private Receipt keep(UUID id, Map<UUID, MovedTo> going, String reason, Person person) {
        Map<UUID, ReadingRow> rows = rows(going.keySet());
        long job = rows.values().iterator().next().jobId();
        long seq = journal.write(job, What.MARK);
        var now = clock.instant();
        going.forEach((reading, to) ->
                moves.save(new ReadingMoveRow(UUID.randomUUID(), id, rows.get(reading), to, reason, person, now)));
        return Receipt.now(id, seq);
    }

    /** By its id; one that is not there is left out. */
    private Map<UUID, ReadingRow> rows(Collection<UUID> ids) {
        return readings.findAllByIds(ids).stream().collect(Collectors.toMap(ReadingRow::getId, row -> row));
    }

    /**
     * Where each would go. Refuses none; a reading that does not stand under that part; a part of another plan; another kind of size; a
     * place that is not there on that part; and where nothing would move.
     */
    @Transactional(readOnly = true)
    public Map<UUID, MovedTo> goingTo(Belonging belonging) {
        Part from = plans.part(belonging.from());
        Part to = plans.part(belonging.to());
        if (from.plan().id() != to.plan().id()) {
            throw refused("move-other-plan");
        }
        PlanRevision revision = plans.newest(to.plan());
        Lineage lineage = plans.lineage(revision);
        Optional<Feature> feature =
                belonging.feature().map(id -> jobs.featureOf(to, id)).map(edition -> plans.judged(to.plan(), edition));
        Map<UUID, ReadingRow> rows = rows(belonging.readings());
        Map<UUID, MovedTo> standing = standing(rows);
        var going = new LinkedHashMap<UUID, MovedTo>();
        for (UUID reading : new HashSet<>(belonging.readings())) {
            if (!standing.containsKey(reading) || standing.get(reading).part() != from.id()) {
                throw refused("move-not-here");
            }
            long place = standing.get(reading).place();
            Seat seat = lineage.seat(place).orElseThrow(() -> refused("move-aside"));
            Feature own = of(revision, seat);
            Feature other = feature.orElse(own);
            if (!own.isReadAs(other)) {
                throw refused("move-other-kind");
            }
            Place there = belonging
                    .place()
                    .map(id -> jobs.placeOf(to, List.of(other), id))
                    .or(() -> alike(seat.place(), own, other, from, to))
                    .orElseThrow(() -> refused("move-no-place"));
            if (to.id() != from.id() || there.id() != seat.place().id()) {
                going.put(reading, new MovedTo(to.id(), there.id()));
            }
        }
        if (going.isEmpty()) {
            throw refused("move-nowhere");
        }
        return going;
    }

    private static Feature of(PlanRevision revision, Seat seat) {
        return revision.sizes().stream()
                .filter(each -> each.key().equals(seat.feature()))
                .findFirst()
                .orElseThrow();
    }

    /** The place that lies so in the other feature, or on the other part. */
    private static Optional<Place> alike(Place place, Feature own, Feature other, Part from, Part to) {
        List<Place> there = other.places(to.id());
        Optional<Place> same = own.key().equals(other.key())
                ? there.stream().filter(each -> each.key().equals(place.key())).findFirst()
                : SamePlace.of(own.places(from.id()), there).find(place);
        return same.or(() -> there.stream()
                .filter(each ->
                        each.section().equals(place.section()) && each.axis().equals(place.axis()))
                .findFirst());
    }

    /** Where each stands by now. */
    private Map<UUID, MovedTo> standing(Map<UUID, ReadingRow> rows) {
        var standing = new HashMap<UUID, MovedTo>();
        rows.forEach((reading, row) -> standing.put(reading, new MovedTo(row.partId(), row.placeId())));
        if (!rows.isEmpty()) {
            moves.findAllByReadingIdInOrderByMadeAt(rows.keySet())
                    .forEach(row -> standing.put(row.readingId(), row.to()));
        }
        return standing;
    }

    private Refused refused(String code) {
        return Refused.of(HttpStatus.CONFLICT, code, words.say("problem." + code));
    }
}
