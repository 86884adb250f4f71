package jawread.server.measure;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.ToIntBiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Lineage;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rounds: "as found" opens with its first reading, each further one with a cut taken. */
@Service
public class Rounds {
    private final SizeSaidRepository sizes;
    private final RoundRepository rounds;
    private final RoundLogs logs;
    private final CutMarkRepository marks;
    private final Jobs jobs;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;
    private final JobLocks locks;
    private final PlansInForce plans;

    public Rounds(
            SizeSaidRepository sizes,
            RoundRepository rounds,
            RoundLogs logs,
            CutMarkRepository marks,
            Jobs jobs,
            People people,
            Journal journal,
            Clock clock,
            Words words,
            JobLocks locks,
            PlansInForce plans) {
        this.sizes = sizes;
        this.rounds = rounds;
        this.logs = logs;
        this.marks = marks;
        this.jobs = jobs;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
        this.plans = plans;
    }

    /**
     * A cut that was taken.
     *
     * @param number of the round it opens: 1 after the first cut
     * @param asked what it set out to take off the size, as typed; empty when it was not said
     * @param to how far from new the size lies that it was reworked to; zero as new again; empty: it stays what it was
     */
    public record Cut(
            UUID id, long part, long feature, int number, Optional<String> asked, Optional<Length> to, long person) {}

    /** Opens the round after a cut. The same cut sent again changes nothing. */
    @Transactional
    public Receipt cutTaken(Cut cut) {
        locks.ofPart(cut.part());
        Optional<MeasuringRoundRow> kept = rounds.findById(cut.id());
        if (kept.isPresent()) {
            refuseUnless(
                    isKeptAs(cut, kept.get())
                            && sizes.findById(saidWith(cut))
                                    .flatMap(SizeSaidRow::to)
                                    .equals(cut.to()),
                    "kept-otherwise");
            return Receipt.before(cut.id());
        }
        Part part = jobs.part(cut.part());
        Feature feature = jobs.featureOf(part, cut.feature());
        LengthUnit unit = part.job().unit();
        Optional<TypedLength> asked = cut.asked().map(text -> asked(text, unit));
        cut.to().ifPresent(to -> SizesSaid.refuseUnlisted(plans.judged(part.plan(), feature), to, words));
        FeatureRounds opened = opened(part, feature);
        refuseUnless(cut.number() > 0 && cut.number() == opened.order().last() + 1, "round-not-next");
        Person person = people.byId(cut.person());
        long seq = journal.write(part.job().id(), What.ROUND);
        rounds.save(new MeasuringRoundRow(
                cut.id(),
                part,
                feature.id(),
                // One that was taken back keeps its number.
                opened.rows().stream().mapToInt(row -> row.number() + 1).reduce(cut.number(), Math::max),
                cut.asked(),
                asked,
                person,
                clock.instant()));
        if (cut.to().isPresent()) {
            sizes.save(new SizeSaidRow(
                    saidWith(cut),
                    cut.part(),
                    cut.feature(),
                    Optional.of(cut.id()),
                    cut.to(),
                    "",
                    person,
                    clock.instant()));
        }
        return Receipt.now(cut.id(), seq);
    }

    /** What was said with a cut of the size that it came to. */
    private static UUID saidWith(Cut cut) {
        return UUID.nameUUIDFromBytes(("size of " + cut.id()).getBytes(StandardCharsets.UTF_8));
    }

    /** @param id made by the browser, so that sending it twice says it once @param cut by what it was kept under */
    public record MarkCut(UUID id, UUID cut, CutMark kind, String reason, long person) {}

    /** A cut of which something was said: where it is. */
    public record CutMarked(Receipt receipt, long part, long feature) {}

    /** Says that a cut was never taken, or was after all. Refuses one that is not there with 404, and what is said of it already with 409. */
    @Transactional
    public CutMarked mark(MarkCut mark) {
        MeasuringRoundRow cut = rounds.findById(mark.cut())
                .filter(MeasuringRoundRow::isCut)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-round", words.say("problem.no-such-round")));
        long job = locks.ofPart(cut.partId());
        Optional<CutMarkRow> before = marks.findById(mark.id());
        if (before.isPresent()) {
            refuseUnless(
                    before.get().kind() == mark.kind() && before.get().roundId().equals(mark.cut()), "kept-otherwise");
            return new CutMarked(Receipt.before(mark.id()), cut.partId(), cut.featureId());
        }
        CutMark stands = marks.findAllByPartIdInOrderByMadeAt(List.of(cut.partId())).stream()
                .filter(row -> row.roundId().equals(mark.cut()))
                .map(CutMarkRow::kind)
                .reduce((earlier, last) -> last)
                .orElse(CutMark.TAKEN);
        refuseUnless(stands != mark.kind(), "cut-said-already");
        Person person = people.byId(mark.person());
        long seq = journal.write(job, What.ROUND);
        marks.save(new CutMarkRow(mark.id(), cut, mark.kind(), mark.reason().strip(), person, clock.instant()));
        return new CutMarked(Receipt.now(mark.id(), seq), cut.partId(), cut.featureId());
    }

    /** A cut that is said never to have been taken. @param cut what it was kept under */
    public record TakenBack(UUID cut, CutMark kind, String reason, long person) {}

    /** Those of a feature; the first said first. */
    @Transactional(readOnly = true)
    public List<TakenBack> takenBack(Part part, Feature feature) {
        return marks.findAllByPartIdInOrderByMadeAt(List.of(part.id())).isEmpty()
                ? List.of()
                : opened(part, feature).takenBack().stream()
                        .map(mark -> new TakenBack(mark.roundId(), mark.kind(), mark.reason(), mark.person()))
                        .toList();
    }

    /** What the cut that opened a round of a feature is kept under; empty where none did. */
    @Transactional(readOnly = true)
    public Optional<UUID> cutOf(Part part, Feature feature, int number) {
        return opened(part, feature).cut(number).map(MeasuringRoundRow::getId);
    }

    /** Whether anything was read on a part. */
    @Transactional(readOnly = true)
    public boolean anyOn(Part part) {
        return rounds.existsByPartId(part.id());
    }

    private FeatureRounds opened(Part part, Feature feature) {
        return logs.of(part.id(), feature.key(), plans.lineage(plans.judging(part.plan(), feature)));
    }

    /** The number of the last round of any feature of the parts on the list of a plan: 0 as found, or before anything was read. */
    @Transactional(readOnly = true)
    public ToIntBiFunction<Part, Feature> lasts(Plan plan) {
        Map<OnPart, FeatureRounds> opened = openedOf(partsOf(plan), plans.lineage(plans.newest(plan)));
        return (part, feature) -> opened.getOrDefault(new OnPart(part.id(), feature.key()), FeatureRounds.NONE)
                .order()
                .last();
    }

    /** Those of the feature that a reading is taken on. */
    FeatureRounds openedFor(Taking taking) {
        return logs.of(taking.part().id(), taking.edition().key(), taking.lineage());
    }

    /** Those on the list of a plan. */
    Set<Long> partsOf(Plan plan) {
        return plans.partsOf(plan).stream().map(Part::id).collect(Collectors.toSet());
    }

    /** Those of all features of some parts; one that has none is left out. */
    Map<OnPart, FeatureRounds> openedOf(Set<Long> parts, Lineage lineage) {
        return logs.of(List.copyOf(parts), lineage);
    }

    /**
     * The round that a reading belongs to; empty where it is the first of all. Refuses with 409 one that was taken after a later cut, for its
     * page did not know of the cut, and a round that there is not.
     *
     * @param opened those of its feature
     */
    Optional<MeasuringRoundRow> meant(KeepReading reading, FeatureRounds opened) {
        refuseUnless(!opened.isOver(reading.round(), reading.takenAt()), "round-over");
        Optional<MeasuringRoundRow> meant =
                opened.meant(reading.round(), reading.takenAt()).max(Comparator.comparing(MeasuringRoundRow::openedAt));
        refuseUnless(meant.isPresent() || reading.round() == 0, "no-such-round");
        return meant;
    }

    /** "As found", which opens by the first reading of all, and is written with it. @param opened the rounds of its feature */
    MeasuringRoundRow asFound(Taking taking, FeatureRounds opened, Person person) {
        return new MeasuringRoundRow(
                UUID.randomUUID(),
                taking.part(),
                // One that a cut came before stands with that cut, so that it stands before it.
                opened.firstCut()
                        .map(MeasuringRoundRow::featureId)
                        .orElse(taking.edition().id()),
                0,
                Optional.empty(),
                Optional.empty(),
                person,
                clock.instant());
    }

    /** Refuses what is to be written at a moment into a round that another one had followed by then. */
    void refuseWhenOver(Part part, Feature feature, int round, Instant at) {
        refuseUnless(!opened(part, feature).isOver(round, at), "round-over");
    }

    /**
     * The rounds that are one with this one of a feature: "as found" may have been opened under several editions, and a cut taken back.
     *
     * @param at when a page meant it by its number
     */
    Set<UUID> asOne(Part part, Feature feature, int number, Instant at) {
        FeatureRounds opened = opened(part, feature);
        return Stream.concat(opened.numbered(number), opened.meant(number, at))
                .map(MeasuringRoundRow::getId)
                .collect(Collectors.toSet());
    }

    /** Whether two rounds are one of a feature of a part. */
    boolean areOne(MeasuringRoundRow one, MeasuringRoundRow other) {
        if (one.getId().equals(other.getId())) {
            return true;
        }
        Part part = plans.part(one.partId());
        Map<UUID, Integer> numbers =
                opened(part, plans.featureOf(part, one.featureId())).order().numbers();
        return numbers.get(one.getId()).equals(numbers.get(other.getId()));
    }

    private TypedLength asked(String text, LengthUnit unit) {
        return TypedLength.parse(text, unit, Kind.SIZE).fold(typed -> typed, (Refusal refusal) -> {
            throw Refused.field("asked", refusal, words.say(refusal, unit));
        });
    }

    private static boolean isKeptAs(Cut cut, MeasuringRoundRow kept) {
        return kept.partId() == cut.part()
                && kept.featureId() == cut.feature()
                && kept.askedTyped().equals(cut.asked());
    }

    private void refuseUnless(boolean allowed, String code) {
        if (!allowed) {
            throw Refused.of(HttpStatus.CONFLICT, code, words.say("problem." + code));
        }
    }
}
