package jawread.core.assess;

import java.math.BigInteger;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.KeptReading;
import jawread.core.scale.Parts;

/**
 * What a person read, where, with what.
 *
 * @param seq its number in the job: readings stand in this order
 * @param round 0 as found, n after cut n
 * @param quick whether it is a quick check with another gauge: held against the other readings of the place, and none of them
 * @param wasDue whether a calibration of its gauges had run out then
 * @param made the figures it was made of, the first read with {@code with}; empty where it is one figure
 */
public record Reading(
        UUID id,
        long seq,
        long part,
        UUID feature,
        PlaceKey place,
        int round,
        ReadWith with,
        Entry entry,
        Figure figure,
        Corrections corrections,
        boolean quick,
        boolean wasDue,
        Optional<MadeOf> made) {
    public Reading(
            UUID id,
            long seq,
            long part,
            UUID feature,
            PlaceKey place,
            int round,
            ReadWith with,
            Entry entry,
            Figure figure,
            Corrections corrections,
            boolean quick,
            boolean wasDue) {
        this(id, seq, part, feature, place, round, with, entry, figure, corrections, quick, wasDue, Optional.empty());
    }

    /**
     * How it came in.
     *
     * @param typed the figure as typed; empty when it was read by scale
     * @param pressed the last digits of it that alone were pressed, the head being that of the readings before; empty when all of it was
     * @param parts the counts read on the scale; empty when it was typed
     * @param keptAt by the clock of the shop, whatever the bench's said when it was taken
     * @param under the revision of the plan that it was read under, where that held the feature to something else than it is held to
     *     where it counts; empty where it held it to the same
     * @param moved empty where it was taken where it counts
     */
    public record Entry(
            Origin origin,
            Optional<String> typed,
            Optional<String> pressed,
            Optional<Parts> parts,
            long person,
            Instant takenAt,
            Instant keptAt,
            Optional<Integer> under,
            Optional<Moved> moved) {}

    /**
     * That it was taken elsewhere, and belongs here.
     *
     * @param person who said so
     * @param part that it was taken on
     * @param place the number of the place that it was taken at
     */
    public record Moved(long person, Instant at, String reason, long part, long place) {}

    /**
     * What the scale said.
     *
     * @param base what the gauge stood on; empty: on its own
     * @param raw before the gauge's known error was taken off
     * @param pins between which two a hole lies, as they are; empty for any other gauge
     * @param resolution one unit of the last digit written down
     * @param leastCount of the gauge it was read on
     * @param spread s of single readings by these hands with that gauge, as it was then
     * @param unit it was read in
     */
    public record Figure(
            Optional<Length> base,
            Length raw,
            Optional<Bracket> pins,
            Length resolution,
            Length leastCount,
            Length spread,
            LengthUnit unit) {}

    /**
     * What was added to it.
     *
     * @param known for a known error of the gauge that was left
     * @param thermal to bring it to 20 °C; zero where part and gauge were not both measured
     * @param setting of a comparator; empty for any other, and for one that was set by nobody here
     * @param warmth of the part; empty where nobody measured
     */
    public record Corrections(
            Length known, Length thermal, Optional<SetTo> setting, Optional<PartTemperature> warmth) {}

    /** The size, with the gauge's known error taken off, at 20 °C where the temperatures are known. */
    public Length value() {
        return raw().plus(correction()).plus(thermal());
    }

    /** What the gauge added on its own. @param read whose scale it was */
    public Length base(Instrument read) {
        return figure.base().orElse(read.base());
    }

    /**
     * For looking which slip would have produced it. A comparator's own figure begins at the size it was set to; a micrometer that was set on a
     * master still shows its own.
     */
    public KeptReading asKept(Instrument read) {
        boolean showsItsOwn = setting().flatMap(SetTo::shown).isPresent();
        Length base = showsItsOwn ? read.base() : setting().map(SetTo::size).orElse(base(read));
        // By the parts the base is known; of a figure that was typed it is one of those the gauge has.
        List<Length> bases = setting().isPresent() ? List.of() : read.bases();
        return new KeptReading(read.scale().orElseThrow(), base, bases, raw().minus(fromShown()), typed(), unit());
    }

    /** What is added to what a micrometer shows that was set on a master: the master's size less what it showed there; else nothing. */
    private Length fromShown() {
        return setting()
                .flatMap(set -> set.shown().map(shown -> set.size().minus(shown)))
                .orElse(Length.ZERO);
    }

    /**
     * As it is counted once a person has said what it should have been. What warmth adds grows with the size, but for a comparator, whose
     * whole size is its master's; rounded once, half to even, to 1 pm.
     *
     * @param shouldBe as the scale should have been read
     */
    public Reading corrected(Length shouldBe) {
        boolean grows = setting().isEmpty() && !raw().isZero();
        Length thermal = grows
                ? Length.nearest(
                        BigInteger.valueOf(thermal().picometres())
                                .multiply(BigInteger.valueOf(shouldBe.picometres()))
                                .multiply(BigInteger.valueOf(Long.signum(raw().picometres()))),
                        Math.abs(raw().picometres()))
                : thermal();
        return new Reading(
                id,
                seq,
                part,
                feature,
                place,
                round,
                with,
                new Entry(
                        entry.origin(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        entry.person(),
                        entry.takenAt(),
                        entry.keptAt(),
                        entry.under(),
                        entry.moved()),
                new Figure(
                        figure.base(),
                        shouldBe.plus(fromShown()),
                        Optional.empty(),
                        figure.resolution(),
                        figure.leastCount(),
                        figure.spread(),
                        figure.unit()),
                new Corrections(corrections.known(), thermal, corrections.setting(), corrections.warmth()),
                quick,
                wasDue,
                made);
    }

    /** Whether both were read with the same, in the same way: then they are repeats of each other. */
    boolean isReadAlike(Reading other) {
        return with.equals(other.with)
                && (made == other.made || made.map(MadeOf::alike).equals(other.made.map(MadeOf::alike)));
    }

    /** One of its figures as a reading by itself. */
    Reading only(MadeOf.Piece piece) {
        return new Reading(
                id,
                seq,
                part,
                feature,
                place,
                round,
                piece.with(),
                entry,
                piece.figure(),
                piece.corrections(),
                quick,
                wasDue);
    }

    /** It by itself, or its figures each by itself. */
    Stream<Reading> figures() {
        return made.map(of -> of.pieces().stream().map(this::only)).orElseGet(() -> Stream.of(this));
    }

    /** What it would have been on a gauge that had not moved, before any correction; with several figures in each of those read on it. */
    public Length hadNotMoved(Instrument on, Length moved) {
        return made.map(of -> of.hadNotMoved(on.id(), moved)).orElseGet(() -> raw().minus(moved));
    }

    /** How a gauge was put to use in it. Throws {@link java.util.NoSuchElementException} where it was not read on it. */
    public ReadWith withOn(Instrument on) {
        return figures()
                .map(Reading::with)
                .filter(each -> each.read() == on.id())
                .findFirst()
                .orElseThrow();
    }

    /** Every gauge whose scale was read. */
    public Stream<Long> scales() {
        return figures().map(figure -> figure.with().read());
    }

    /** Every gauge that it was read with, or that was carried to one that was. */
    public Stream<Long> gauges() {
        return figures()
                .map(Reading::with)
                .flatMap(each -> Stream.concat(Stream.of(each.gauge()), each.reader().stream()));
    }

    /** d: a division, or half of one where tenths were judged. Of a figure written shorter than the gauge shows, what was written. */
    Length judgedTo() {
        return resolution().compareTo(leastCount()) < 0 ? leastCount().half() : resolution();
    }

    public Length raw() {
        return figure.raw();
    }

    public Length correction() {
        return corrections.known();
    }

    public Length thermal() {
        return corrections.thermal();
    }

    public Optional<SetTo> setting() {
        return corrections.setting();
    }

    public Optional<PartTemperature> warmth() {
        return corrections.warmth();
    }

    public Optional<Bracket> pins() {
        return figure.pins();
    }

    public Length resolution() {
        return figure.resolution();
    }

    public Length leastCount() {
        return figure.leastCount();
    }

    public Length spread() {
        return figure.spread();
    }

    public LengthUnit unit() {
        return figure.unit();
    }

    public Origin origin() {
        return entry.origin();
    }

    public Optional<String> typed() {
        return entry.typed();
    }

    public Optional<Parts> parts() {
        return entry.parts();
    }

    public long person() {
        return entry.person();
    }

    public Instant takenAt() {
        return entry.takenAt();
    }

    public Instant keptAt() {
        return entry.keptAt();
    }
}
