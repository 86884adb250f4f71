package jawread.core.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jawread.core.form.Runout;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.LimitTry;
import jawread.core.judge.CutTaken;
import jawread.core.judge.Envelope;
import jawread.core.judge.Guard;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.NextSize;

/**
 * A feature of a part, round by round; the last round is the one in force.
 *
 * @param plain as the plan has it
 * @param of as it is in the round in force: where the part was reworked, at the size that it is since
 * @param rounds from "as found" on, at least that one
 */
public record FeatureAssessment(
        long part, Feature plain, JudgedFeature of, FeatureLog log, List<RoundAssessment> rounds) {
    /** By verdict; among those of one verdict the one that lies farthest beyond its limits, or the least within them. */
    public static final Comparator<FeatureAssessment> WORST_FIRST =
            Comparator.comparing(FeatureAssessment::verdict).thenComparing(FeatureAssessment::within);

    /**
     * @param before what it came to on the same part before, under whatever; what of it holds still is taken over
     */
    static FeatureAssessment of(
            long part, Feature plain, Conditions conditions, FeatureLog log, Optional<FeatureAssessment> before) {
        Optional<FeatureAssessment> same = before.filter(each -> each.isSameFor(part, plain, log, conditions));
        if (same.filter(each -> each.log().equals(log)).isPresent()) {
            return same.get().under(conditions);
        }
        JudgedFeature feature = JudgedFeature.of(plain, conditions);
        var rounds = new ArrayList<RoundAssessment>();
        if (log.rounds().isEmpty() || log.rounds().get(0).number() > 0) {
            rounds.add(RoundAssessment.of(feature, part, log, Round.AS_FOUND, Optional.empty()));
        }
        for (Round round : log.rounds()) {
            if (round.to().isPresent()) {
                feature = JudgedFeature.of(plain.reworkedTo(round.to().get()), conditions);
            }
            JudgedFeature then = feature;
            rounds.add(RoundAssessment.of(
                    then,
                    part,
                    log,
                    round,
                    same.flatMap(each -> each.round(round.number()))
                            .filter(each ->
                                    each.as() == then.feature() || each.as().equals(then.feature()))));
        }
        return new FeatureAssessment(part, plain, feature, log, List.copyOf(rounds));
    }

    private boolean isSameFor(long which, Feature as, FeatureLog read, Conditions conditions) {
        return part == which
                && (plain == as || plain.equals(as))
                && of.conditions().areSameFor(read.gauges(), conditions);
    }

    /** What it comes to is the same; what it is told under is what stands now. */
    private FeatureAssessment under(Conditions conditions) {
        return of.conditions() == conditions
                ? this
                : new FeatureAssessment(part, plain, JudgedFeature.of(of.feature(), conditions), log, rounds);
    }

    private Optional<RoundAssessment> round(int number) {
        return rounds.stream().filter(each -> each.number() == number).findFirst();
    }

    /** The first of those that are worst; empty where there are none. */
    public static Optional<FeatureAssessment> worstOf(List<FeatureAssessment> features) {
        return features.stream().min(Comparator.comparing(FeatureAssessment::verdict));
    }

    public Feature feature() {
        return of.feature();
    }

    public RoundAssessment inForce() {
        return rounds.get(rounds.size() - 1);
    }

    /** The feature as it was in the round that this place was measured in. */
    public JudgedFeature at(PlaceAssessment place) {
        return rounds.stream()
                .filter(round -> round.places().stream().anyMatch(each -> each == place))
                .map(round -> JudgedFeature.of(round.as(), of.conditions()))
                .findFirst()
                .orElse(of);
    }

    public SizeVerdict verdict() {
        return inForce().verdict();
    }

    /** On which side of the limits the place lies that the verdict rests on. */
    public Side side() {
        return inForce().side();
    }

    /** How far within its limits the place lies that the verdict rests on; negative beyond them. */
    private Length within() {
        return inForce()
                .deciding()
                .map(place -> Length.ZERO.minus(place.beyond(of.limits())))
                .orElse(Length.ZERO);
    }

    /** Whether every place has its size, or is passed over for a reason. */
    public boolean isMeasured() {
        return inForce().places().stream()
                .noneMatch(place -> place.skip().isEmpty() && place.verdict() == SizeVerdict.NOT_MEASURED);
    }

    public boolean isBegun() {
        return rounds.size() > 1 || inForce().isBegun();
    }

    /** Whether nothing is left to do there but to take the next part: no size is listed that it could be reworked to. */
    public boolean isLostForGood() {
        return verdict().isLost()
                && of.planned().steps().isEmpty()
                && of.planned().grades().isEmpty();
    }

    /** Whether a reading, or a cut, is waited for. Gone is gone, but a rework wants to know every place. */
    public boolean isOpen() {
        return !isLostForGood()
                && (verdict() == SizeVerdict.METAL_LEFT || inForce().wanted().isPresent());
    }

    /** How far the size that it was reworked to lies from new, with its sign; empty as new. */
    public Optional<Length> reworked() {
        return of.planned().reworked();
    }

    /** What it can still be reworked to, by its places; empty where nothing is listed, or measured. */
    public Optional<NextSize> nextSize() {
        return inForce().form().flatMap(MeasuredForm::nextSize);
    }

    /** One of the steps that it may be reworked to, as a size; empty where it is not listed. @param fromNew with its sign */
    Optional<FinishedSize> sizeAt(Length fromNew) {
        return plain.planned()
                .steps()
                .flatMap(steps ->
                        plain.planned().limits().map(of -> FinishedSize.of(steps, of.limits(), Wears.of(plain.kind()))))
                .flatMap(all -> all.stream()
                        .filter(size -> size.fromNew().filter(fromNew::equals).isPresent())
                        .findFirst());
    }

    /** How many of the readings that it rests on were read under an earlier revision that held it to something else, by that revision. */
    public Map<Integer, Long> readUnder() {
        return inForce().places().stream()
                .flatMap(place -> place.standing().stream())
                .flatMap(reading -> reading.entry().under().stream())
                .collect(Collectors.groupingBy(under -> under, TreeMap::new, Collectors.counting()));
    }

    /** What the cut before a round took off; empty without a size on both sides of it. */
    public Optional<CutTaken> cutBefore(RoundAssessment round) {
        return round(round.number() - 1)
                .flatMap(before -> before.size()
                        .flatMap(old -> round.size().map(now -> CutTaken.of(of.kind(), round.asked(), old, now))));
    }

    /** How straight it was found in the round in force, by a check of its own; empty where nobody said. */
    public Optional<PlaceMark> straightness() {
        return inForce().places().stream()
                .flatMap(place -> place.marks().stream())
                .filter(mark -> mark.kind() == PlaceMark.Kind.STRAIGHTNESS)
                .max(Comparator.comparing(PlaceMark::madeAt).thenComparing(PlaceMark::id));
    }

    /** Whether a gauge that covers all of it goes, with its go end within the limits. */
    private boolean isGoneThrough() {
        return inForce().places().stream()
                .flatMap(place -> place.standing().stream())
                .anyMatch(this::isGoneThrough);
    }

    private boolean isGoneThrough(Reading reading) {
        GaugeAtHand gauge = of.conditions().instruments().readOn(reading).gauge();
        boolean hasGone =
                reading.typed().flatMap(LimitTry::of).filter(LimitTry::hasGone).isPresent();
        Length end = LimitTry.goEnd(of.kind() == FeatureKind.OUTSIDE, gauge.range());
        return gauge.kind().envelope()
                && hasGone
                && !of.limits().isBelow(end)
                && !of.limits().isAbove(end);
    }

    /**
     * Whether perfect form at maximum material is proven, where the drawing demands it and every place has a size. Two-point sizes never prove
     * it: a bent shaft, or one of three lobes, has the same everywhere.
     */
    public Optional<Envelope> envelope() {
        FeatureKind kind = of.kind();
        boolean isAsked = of.planned().typed().envelope() && (kind == FeatureKind.OUTSIDE || kind.isHole());
        List<Length> sizes = inForce().values();
        if (!isAsked || sizes.isEmpty() || sizes.size() < inForce().places().size()) {
            return Optional.empty();
        }
        Optional<Length> form = straightness().flatMap(PlaceMark::size);
        Envelope bySizes = Envelope.of(
                kind == FeatureKind.OUTSIDE,
                of.limits(),
                sizes,
                form,
                Guard.of(
                        of.conditions().decision(),
                        Envelope.doubt(inForce().places().stream()
                                .map(PlaceAssessment::uncertainty)
                                .flatMap(Optional::stream)
                                .toList())));
        return Optional.of(bySizes != Envelope.NOT_IN && isGoneThrough() ? Envelope.PROVEN : bySizes);
    }

    /** Whether a quick check of a place is asked for before it is measured, by the job's choice; once is enough. */
    public boolean asksQuick(PlaceAssessment place) {
        boolean isFirst = feature().places().get(0).id() == place.place().id();
        boolean isChosen = switch (of.conditions().rules().quickCheck()) {
            case EVERY_PLACE -> true;
            case FIRST_PLACE -> isFirst;
            case NO_PLACE -> false;
        };
        return isChosen && place.quick().isEmpty() && place.readings().isEmpty();
    }

    public boolean isReadWith(ReadWith method) {
        return inForce().places().stream()
                .flatMap(place -> place.standing().stream())
                .anyMatch(reading -> reading.with().equals(method));
    }

    /** U of the place that the verdict rests on, or of the one that knows least. */
    public Optional<Uncertainty> uncertainty() {
        return inForce()
                .deciding()
                .flatMap(PlaceAssessment::uncertainty)
                .or(() -> inForce().places().stream()
                        .map(PlaceAssessment::uncertainty)
                        .flatMap(Optional::stream)
                        .max(Comparator.comparing(Uncertainty::standard)));
    }

    /**
     * How far the axis of a feature is bent.
     *
     * @param worst where it is bent most
     */
    public record Bend(Runout runout, PlaceAssessment worst) {}

    /** By an indicator's largest less smallest; empty for any other feature, and before a place was read. */
    public Optional<Bend> bend() {
        List<PlaceAssessment> read = inForce().places().stream()
                .filter(place -> place.value().value().isPresent())
                .toList();
        if (feature().kind() != FeatureKind.RUNOUT || read.isEmpty()) {
            return Optional.empty();
        }
        var runout = new Runout(inForce().values());
        return Optional.of(new Bend(runout, read.get(runout.worst())));
    }
}
