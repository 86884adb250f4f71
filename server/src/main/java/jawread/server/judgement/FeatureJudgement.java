package jawread.server.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.judge.CutTaken;
import jawread.core.judge.Envelope;
import jawread.core.judge.Guard;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.job.Feature;
import jawread.server.job.Part;
import jawread.server.measure.Evidence;
import jawread.server.measure.MeasuringRound;
import jawread.server.settings.Setting;

/**
 * A feature of a part, round by round; the last round is the one in force.
 *
 * @param rounds from "as found" on, at least that one
 */
public record FeatureJudgement(Part part, JudgedFeature of, Evidence evidence, List<RoundJudgement> rounds) {
    /** By verdict; among those of one verdict the one that lies farthest beyond its limits, or the least within them. */
    static final Comparator<FeatureJudgement> WORST_FIRST =
            Comparator.comparing(FeatureJudgement::verdict).thenComparing(FeatureJudgement::within);

    static FeatureJudgement of(Part part, JudgedFeature feature, Evidence evidence) {
        return new FeatureJudgement(part, feature, evidence, rounds(part, feature, evidence, List.of()));
    }

    /** The same with more evidence, judged under the same rules. */
    FeatureJudgement with(Part now, JudgedFeature feature, Evidence more) {
        // What was said of a reading or a place since touches places that were not read any further.
        boolean onlyRead = more.isOnlyReadSince(evidence);
        return new FeatureJudgement(now, feature, more, rounds(now, feature, more, onlyRead ? rounds : List.of()));
    }

    private static List<RoundJudgement> rounds(
            Part part, JudgedFeature feature, Evidence evidence, List<RoundJudgement> before) {
        var rounds = new ArrayList<RoundJudgement>();
        List<MeasuringRound> opened = evidence.rounds();
        if (opened.isEmpty() || opened.get(0).number() > 0) {
            rounds.add(RoundJudgement.notYetRead(feature, part, evidence));
        }
        opened.forEach(round -> rounds.add(RoundJudgement.of(
                feature,
                part,
                evidence,
                round,
                before.stream().filter(each -> each.number() == round.number()).findFirst())));
        return List.copyOf(rounds);
    }

    /** The same, of what is read of a part and its feature now. */
    FeatureJudgement of(Part now, JudgedFeature feature) {
        return new FeatureJudgement(now, feature, evidence, rounds);
    }

    public Feature feature() {
        return of.feature();
    }

    JudgedBy by() {
        return of.by();
    }

    public RoundJudgement inForce() {
        return rounds.get(rounds.size() - 1);
    }

    SizeVerdict verdict() {
        return inForce().verdict();
    }

    /** On which side of the limits the place lies that the verdict rests on. */
    Side side() {
        return inForce().side();
    }

    /** How far within its limits the place lies that the verdict rests on; negative beyond them. */
    private Length within() {
        return inForce()
                .deciding()
                .map(place -> Length.ZERO.minus(place.beyond(by().limits())))
                .orElse(Length.ZERO);
    }

    /** Whether every place has its size, or is passed over for a reason. */
    boolean isMeasured() {
        return inForce().places().stream()
                .noneMatch(place -> place.skip().isEmpty() && place.verdict() == SizeVerdict.NOT_MEASURED);
    }

    boolean isBegun() {
        return rounds.size() > 1 || inForce().isBegun();
    }

    /** Whether nothing is left to do there but to take the next part: no size is listed that it could be reworked to. */
    boolean isLostForGood() {
        return verdict().isLost()
                && of.planned().steps().isEmpty()
                && of.planned().grades().isEmpty();
    }

    /** Whether a reading, or a cut, is waited for. Gone is gone, but a rework wants to know every place. */
    boolean isOpen() {
        return !isLostForGood()
                && (verdict() == SizeVerdict.METAL_LEFT || inForce().wanted().isPresent());
    }

    /** What the cut before a round took off; empty without a size on both sides of it. */
    Optional<CutTaken> cutBefore(RoundJudgement round) {
        return rounds.stream()
                .filter(before -> before.number() == round.number() - 1)
                .findFirst()
                .flatMap(before -> before.size()
                        .flatMap(old -> round.size().map(now -> CutTaken.of(by().kind(), round.asked(), old, now))));
    }

    /** Whether perfect form at maximum material is proven, where the drawing demands it and every place has a size. */
    Optional<Envelope> envelope() {
        FeatureKind kind = by().kind();
        boolean isAsked = of.planned().typed().envelope() && (kind == FeatureKind.OUTSIDE || kind.isHole());
        List<Length> sizes = inForce().values();
        if (!isAsked || sizes.isEmpty() || sizes.size() < inForce().places().size()) {
            return Optional.empty();
        }
        Optional<Length> form = sizes.size() > 1 ? Optional.of(Length.spreadOf(sizes)) : Optional.empty();
        return Optional.of(Envelope.of(
                kind == FeatureKind.OUTSIDE,
                by().limits(),
                sizes,
                form,
                Guard.of(
                        of.judging().rule(),
                        Envelope.doubt(inForce().places().stream()
                                .map(PlaceJudgement::uncertainty)
                                .flatMap(Optional::stream)
                                .toList()))));
    }

    /** Whether a quick check of a place is asked for before it is measured, by the job's choice; once is enough. */
    boolean asksQuick(PlaceJudgement place) {
        boolean isFirst = feature().places().get(0).id() == place.place().id();
        boolean isChosen = switch (of.judging().job().choiceOf(Setting.QUICK_CHECK)) {
            case "every-place" -> true;
            case "first-place" -> isFirst;
            default -> false;
        };
        return isChosen && place.quick().isEmpty() && place.readings().isEmpty();
    }

    boolean isReadWith(GaugeAndReader method) {
        return inForce().places().stream()
                .flatMap(place -> place.standing().stream())
                .anyMatch(reading -> reading.method().key().equals(method.key()));
    }

    /** U of the place that the verdict rests on, or of the one that knows least. */
    Optional<Uncertainty> uncertainty() {
        return inForce()
                .deciding()
                .flatMap(PlaceJudgement::uncertainty)
                .or(() -> inForce().places().stream()
                        .map(PlaceJudgement::uncertainty)
                        .flatMap(Optional::stream)
                        .max(Comparator.comparing(Uncertainty::standard)));
    }
}
