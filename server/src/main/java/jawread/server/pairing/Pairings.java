package jawread.server.pairing;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.rework.Pairing;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.judgement.FeatureJudgement;
import jawread.server.judgement.Judgements;
import jawread.server.judgement.PartWords;
import jawread.server.pairing.PairingView.PairedFeatureView;
import jawread.server.pairing.PairingView.PairedJobView;
import jawread.server.settings.Setting;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts measured parts together. */
@Service
class Pairings {
    private final Jobs jobs;
    private final Judgements judgements;
    private final PartWords partWords;
    private final TypedFields fields;
    private final PairingWords said;
    private final Words words;

    Pairings(
            Jobs jobs, Judgements judgements, PartWords partWords, TypedFields fields, PairingWords said, Words words) {
        this.jobs = jobs;
        this.judgements = judgements;
        this.partWords = partWords;
        this.fields = fields;
        this.said = said;
        this.words = words;
    }

    /**
     * What is asked, as it stands in the address.
     *
     * @param with another job that parts are taken from, too
     * @param least the smallest clearance, as typed; below zero interference
     * @param pairs put together by hand, {@code 12-31,13-30}: inside part and outside part
     */
    record Asked(
            Optional<Long> with,
            Optional<Long> inside,
            Optional<Long> outside,
            String least,
            String most,
            Optional<String> pairs) {}

    /** Refuses a window that is none, and pairs that name a part twice or one that is not there. */
    @Transactional(readOnly = true)
    PairingView of(long jobId, Asked asked) {
        Job job = jobs.job(jobId);
        LengthUnit unit = job.unit();
        List<FeatureJudgement> all = Stream.concat(
                        Stream.of(job), asked.with().filter(id -> id != jobId).map(jobs::job).stream())
                .flatMap(each -> jobs.plansOf(each).stream())
                .flatMap(plan -> judgements.of(plan).all().stream())
                .toList();
        List<Feature> insides = features(all, FeatureKind::isHole);
        List<Feature> outsides = features(all, kind -> kind == FeatureKind.OUTSIDE);
        Optional<Feature> inside = chosen(insides, asked.inside());
        Optional<Feature> outside = chosen(outsides, asked.outside());
        List<PairedPart> in = measured(all, inside);
        List<PairedPart> out = measured(all, outside);
        Optional<Limits> wanted = wanted(asked, unit);
        Optional<Pairing> best = wanted.map(window -> Pairing.best(means(in), means(out), window));
        Optional<Pairing> byHand = wanted.flatMap(window -> byHand(asked, in, out, window));
        var of = new PairingWords.Said(in, out, rule(job), unit);
        return new PairingView(
                view(job),
                jobs.open().stream()
                        .filter(each -> each.id() != jobId && each.unit() == unit)
                        .map(Pairings::view)
                        .toList(),
                asked.with().orElse(null),
                insides.stream().map(Pairings::view).toList(),
                outsides.stream().map(Pairings::view).toList(),
                inside.map(Feature::id).orElse(null),
                outside.map(Feature::id).orElse(null),
                in.stream().map(each -> said.view(each, unit)).toList(),
                out.stream().map(each -> said.view(each, unit)).toList(),
                notMeasured(all, inside, outside),
                wanted.map(window -> said.wanted(window, unit)).orElse(null),
                best.map(pairs -> said.pairs(pairs, wanted.get(), of, said.bestSaid(pairs, of)))
                        .orElse(null),
                byHand.map(pairs ->
                                said.pairs(pairs, wanted.get(), of, said.costSaid(pairs, best.get(), wanted.get(), of)))
                        .orElse(null),
                wanted.map(window -> said.order(byHand.orElseGet(best::get), window, of, outside, inside))
                        .orElse(List.of()),
                said.sentence(in, out, wanted));
    }

    private static DecisionRule rule(Job job) {
        return DecisionRule.of(job.choiceOf(Setting.NEAR_LIMIT)).orElseThrow();
    }

    private static PairedJobView view(Job job) {
        return new PairedJobView(job.id(), job.name(), job.unit().symbol());
    }

    private static PairedFeatureView view(Feature feature) {
        return new PairedFeatureView(
                feature.id(), feature.name() + ", " + feature.plan().job().name());
    }

    private interface OfKind {
        boolean is(FeatureKind kind);
    }

    private static List<Feature> features(List<FeatureJudgement> all, OfKind kind) {
        return List.copyOf(all.stream()
                .map(FeatureJudgement::feature)
                .filter(feature -> kind.is(feature.kind()))
                .collect(Collectors.toMap(Feature::id, feature -> feature, (one, same) -> one, TreeMap::new))
                .values());
    }

    private static Optional<Feature> chosen(List<Feature> features, Optional<Long> id) {
        return id.isPresent()
                ? features.stream().filter(each -> each.id() == id.get()).findFirst()
                : features.stream().findFirst();
    }

    /** Those with a size at every place. */
    private List<PairedPart> measured(List<FeatureJudgement> all, Optional<Feature> of) {
        return all.stream()
                .filter(each -> of.filter(
                                feature -> feature.id() == each.feature().id())
                        .isPresent())
                .flatMap(each -> each
                        .inForce()
                        .size()
                        .flatMap(size -> each.inForce()
                                .form()
                                .map(form -> new PairedPart(
                                        each.part(),
                                        partWords.verdict(each),
                                        each.inForce().values(),
                                        size,
                                        form.expanded(),
                                        form.resolution())))
                        .stream())
                .toList();
    }

    private static List<String> notMeasured(
            List<FeatureJudgement> all, Optional<Feature> inside, Optional<Feature> outside) {
        Set<Long> chosen = Stream.of(inside, outside)
                .flatMap(Optional::stream)
                .map(Feature::id)
                .collect(Collectors.toSet());
        return all.stream()
                .filter(each -> chosen.contains(each.feature().id()))
                .filter(each -> each.inForce().size().isEmpty())
                .map(each -> each.part().name())
                .toList();
    }

    private static List<Length> means(List<PairedPart> parts) {
        return parts.stream().map(PairedPart::mean).toList();
    }

    private Optional<Limits> wanted(Asked asked, LengthUnit unit) {
        Optional<Length> least = fields.deviation("least", asked.least(), unit);
        Optional<Length> most = fields.deviation("most", asked.most(), unit);
        if (least.isEmpty() || most.isEmpty()) {
            return Optional.empty();
        }
        if (least.get().compareTo(most.get()) > 0) {
            throw fields.refused("most", Refusal.of("clearance-upside-down"), unit);
        }
        return Optional.of(Limits.of(least.get(), most.get()));
    }

    private Optional<Pairing> byHand(Asked asked, List<PairedPart> in, List<PairedPart> out, Limits window) {
        return asked.pairs().map(text -> {
            List<int[]> pairs = Arrays.stream(text.split(","))
                    .filter(pair -> !pair.isBlank())
                    .map(pair -> pair(pair.strip(), in, out))
                    .toList();
            boolean isTwice = pairs.stream().map(pair -> pair[0]).distinct().count() < pairs.size()
                    || pairs.stream().map(pair -> pair[1]).distinct().count() < pairs.size();
            if (isTwice) {
                throw Refused.field("pairs", "paired-twice", words);
            }
            return Pairing.of(pairs, means(in), means(out), window);
        });
    }

    private int[] pair(String text, List<PairedPart> in, List<PairedPart> out) {
        String[] both = text.split("-");
        int inside = both.length == 2 ? index(in, both[0]) : -1;
        int outside = both.length == 2 ? index(out, both[1]) : -1;
        if (inside < 0 || outside < 0) {
            throw Refused.field("pairs", "no-such-pair", words);
        }
        return new int[] {inside, outside};
    }

    private static int index(List<PairedPart> parts, String id) {
        return IntStream.range(0, parts.size())
                .filter(i -> Long.toString(parts.get(i).part().id()).equals(id))
                .findFirst()
                .orElse(-1);
    }
}
