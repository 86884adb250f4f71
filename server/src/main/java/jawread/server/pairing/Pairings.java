package jawread.server.pairing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.judge.Decision;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.rework.Clearance;
import jawread.core.rework.Pairing;
import jawread.core.rework.SizeToOrder;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.judgement.FeatureJudgement;
import jawread.server.judgement.Judgements;
import jawread.server.judgement.PartWords;
import jawread.server.pairing.PairingView.PairView;
import jawread.server.pairing.PairingView.PairedFeatureView;
import jawread.server.pairing.PairingView.PairedJobView;
import jawread.server.pairing.PairingView.PairedPartView;
import jawread.server.pairing.PairingView.PairsView;
import jawread.server.pairing.PairingView.WantedView;
import jawread.server.settings.Setting;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
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
    private final Figures figures;
    private final Words words;

    Pairings(Jobs jobs, Judgements judgements, PartWords partWords, TypedFields fields, Figures figures, Words words) {
        this.jobs = jobs;
        this.judgements = judgements;
        this.partWords = partWords;
        this.fields = fields;
        this.figures = figures;
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
        var said = new Said(in, out, rule(job), unit);
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
                in.stream().map(each -> view(each, unit)).toList(),
                out.stream().map(each -> view(each, unit)).toList(),
                notMeasured(all, inside, outside),
                wanted.map(window -> wantedView(window, unit)).orElse(null),
                best.map(pairs -> pairs(pairs, wanted.get(), said, bestSaid(pairs, said)))
                        .orElse(null),
                byHand.map(pairs -> pairs(pairs, wanted.get(), said, costSaid(pairs, best.get(), wanted.get(), said)))
                        .orElse(null),
                wanted.map(window -> order(byHand.orElseGet(best::get), window, said, outside, inside))
                        .orElse(List.of()),
                sentence(in, out, wanted));
    }

    private record Said(List<PairedPart> in, List<PairedPart> out, DecisionRule rule, LengthUnit unit) {}

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

    private PairedPartView view(PairedPart part, LengthUnit unit) {
        return new PairedPartView(
                part.part().id(),
                part.part().name(),
                part.verdict(),
                shown(part.mean(), part, unit),
                figures.significant(Length.nearest(part.expanded()), unit));
    }

    private WantedView wantedView(Limits window, LengthUnit unit) {
        return new WantedView(
                figures.all(window.low().orElseThrow(), unit),
                figures.all(window.high().orElseThrow(), unit));
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

    private PairsView pairs(Pairing pairing, Limits window, Said said, String sentence) {
        return new PairsView(
                pairing.pairs().stream().map(pair -> pair(pair, window, said)).toList(), sentence);
    }

    private PairView pair(Pairing.Pair pair, Limits window, Said said) {
        PairedPart in = said.in().get(pair.inside());
        PairedPart out = said.out().get(pair.outside());
        double expanded = Math.hypot(in.expanded(), out.expanded());
        Clearance clearance = Clearance.of(in.places(), out.places());
        Decision.Word word =
                Decision.of(said.rule(), pair.clearance(), window, expanded / 2).word();
        String mark = switch (word) {
            case IN -> "in";
            case OUT_LOW, OUT_HIGH -> "gone";
            case TOO_CLOSE_LOW, TOO_CLOSE_HIGH, TOO_CLOSE_BOTH -> "too-close";
        };
        return new PairView(
                in.part().id(),
                out.part().id(),
                in.part().name(),
                out.part().name(),
                shown(pair.clearance(), in, said.unit()),
                shown(clearance.smallest(), in, said.unit()),
                shown(clearance.largest(), in, said.unit()),
                figures.significant(Length.nearest(expanded), said.unit()),
                mark,
                word.code().endsWith("low") ? "low" : word.code().endsWith("high") ? "high" : "",
                words.say("pairing.word." + word.code()));
    }

    private LengthText shown(Length length, PairedPart part, LengthUnit unit) {
        return figures.computed(length, unit, part.step(), List.of());
    }

    private String bestSaid(Pairing best, Said said) {
        return words.say(
                switch (best.pairs().size()) {
                    case 0 -> "pairing.best.none";
                    case 1 -> "pairing.best.one";
                    default -> "pairing.best";
                },
                Map.of(
                        "pairs", best.pairs().size(),
                        "insides", said.in().size(),
                        "outsides", said.out().size(),
                        "off", off(best, said)));
    }

    /** The root of the mean square of how far the clearances lie from the middle of the window. */
    private String off(Pairing pairing, Said said) {
        if (pairing.pairs().isEmpty()) {
            return "";
        }
        double meanSquare =
                pairing.squareMicrometres().doubleValue() / pairing.pairs().size();
        return figures.significant(Length.nearest(Math.sqrt(meanSquare)), said.unit())
                .withUnit();
    }

    private String costSaid(Pairing byHand, Pairing best, Limits window, Said said) {
        long inside = byHand.pairs().stream()
                .filter(pair -> Pairing.isInside(pair.clearance(), window))
                .count();
        long fewer = best.pairs().size() - inside;
        String key = fewer > 0 ? "fewer" : byHand.squares().equals(best.squares()) ? "same" : "farther";
        return words.say(
                "pairing.cost." + key,
                Map.of(
                        "inside", inside,
                        "best", best.pairs().size(),
                        "off", off(byHand, said),
                        "bestOff", off(best, said)));
    }

    private List<String> order(
            Pairing pairing, Limits window, Said said, Optional<Feature> outside, Optional<Feature> inside) {
        var order = new ArrayList<String>();
        Set<Integer> in = pairing.pairs().stream().map(Pairing.Pair::inside).collect(Collectors.toSet());
        Set<Integer> out = pairing.pairs().stream().map(Pairing.Pair::outside).collect(Collectors.toSet());
        for (int i = 0; i < said.in().size(); i++) {
            if (!in.contains(i)) {
                PairedPart left = said.in().get(i);
                order.add(order(
                        "outside",
                        left,
                        SizeToOrder.outsideFor(left.places(), window, step(outside, left)),
                        said.unit()));
            }
        }
        for (int i = 0; i < said.out().size(); i++) {
            if (!out.contains(i)) {
                PairedPart left = said.out().get(i);
                order.add(order(
                        "inside", left, SizeToOrder.insideFor(left.places(), window, step(inside, left)), said.unit()));
            }
        }
        return List.copyOf(order);
    }

    private static Length step(Optional<Feature> feature, PairedPart part) {
        return feature.map(Feature::limitsStep).orElse(part.step());
    }

    private String order(String what, PairedPart left, Optional<Limits> sizes, LengthUnit unit) {
        String part = left.part().name();
        return sizes.map(limits -> words.say(
                        "pairing.order." + what,
                        Map.of(
                                "part", part,
                                "from",
                                        figures.all(limits.low().orElseThrow(), unit)
                                                .text(),
                                "to",
                                        figures.all(limits.high().orElseThrow(), unit)
                                                .withUnit())))
                .orElseGet(() -> words.say("pairing.order.none", Map.of("part", part)));
    }

    private String sentence(List<PairedPart> in, List<PairedPart> out, Optional<Limits> wanted) {
        if (in.isEmpty() || out.isEmpty()) {
            return words.say(in.isEmpty() ? "pairing.no-insides" : "pairing.no-outsides");
        }
        return words.say(
                wanted.isEmpty() ? "pairing.say-window" : "pairing.there-are",
                Map.of("insides", in.size(), "outsides", out.size()));
    }
}
