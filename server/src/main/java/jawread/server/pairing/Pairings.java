package jawread.server.pairing;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.RoundAssessment;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.rework.PairByPlace.Sized;
import jawread.core.rework.Pairing;
import jawread.core.rework.WindowByDrawing;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.judgement.Judgements;
import jawread.server.judgement.PartWords;
import jawread.server.pairing.PairingView.PairedFeatureView;
import jawread.server.pairing.PairingView.PairedJobView;
import jawread.server.pairing.PairingView.ProposedView;
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
        List<On> all = Stream.concat(Stream.of(job), asked.with().filter(id -> id != jobId).map(jobs::job).stream())
                .flatMap(each -> jobs.plansOf(each).stream())
                .map(judgements::of)
                .flatMap(plan -> plan.all().stream().map(feature -> new On(plan.partOf(feature), feature)))
                .toList();
        List<On> insides = features(all, FeatureKind::isHole);
        List<On> outsides = features(all, kind -> kind == FeatureKind.OUTSIDE);
        Optional<On> inside = chosen(insides, asked.inside());
        Optional<On> outside = chosen(outsides, asked.outside());
        List<PairedPart> in = measured(all, inside);
        List<PairedPart> out = measured(all, outside);
        Optional<Limits> wanted = wanted(asked, unit);
        Optional<Pairing> best = wanted.map(window -> Pairing.best(means(in), means(out), window));
        Optional<Pairing> byHand = wanted.flatMap(window -> byHand(asked, in, out, window));
        var of = new PairingWords.Said(in, out, rule(job), unit);
        return new PairingView(
                view(job),
                jobs.open().stream()
                        .filter(each -> each.id() != jobId && each.unit() == unit && !each.practice())
                        .map(Pairings::view)
                        .toList(),
                asked.with().orElse(null),
                insides.stream().map(Pairings::view).toList(),
                outsides.stream().map(Pairings::view).toList(),
                inside.map(On::id).orElse(null),
                outside.map(On::id).orElse(null),
                in.stream().map(each -> said.view(each, unit)).toList(),
                out.stream().map(each -> said.view(each, unit)).toList(),
                notMeasured(all, inside, outside),
                wanted.map(window -> said.wanted(window, unit)).orElse(null),
                proposed(inside, outside, wanted, unit).orElse(null),
                best.map(pairs -> said.pairs(pairs, wanted.get(), of, said.bestSaid(pairs, of)))
                        .orElse(null),
                byHand.map(pairs ->
                                said.pairs(pairs, wanted.get(), of, said.costSaid(pairs, best.get(), wanted.get(), of)))
                        .orElse(null),
                wanted.map(window -> said.order(
                                byHand.orElseGet(best::get),
                                window,
                                of,
                                outside.map(On::edition),
                                inside.map(On::edition)))
                        .orElse(List.of()),
                said.sentence(in, out, wanted));
    }

    /** What the drawings say there is to be between them, unless that is asked for already. */
    private Optional<ProposedView> proposed(
            Optional<On> inside, Optional<On> outside, Optional<Limits> wanted, LengthUnit unit) {
        return inside.map(On::edition)
                .flatMap(in -> outside.map(On::edition)
                        .flatMap(out -> in.planned()
                                .limits()
                                .flatMap(ofIn ->
                                        out.planned().limits().flatMap(ofOut -> WindowByDrawing.of(ofIn, ofOut)))
                                .filter(window -> !wanted.equals(Optional.of(window.clearance())))
                                .map(window -> said.proposed(window, in, out, unit))));
    }

    private static DecisionRule rule(Job job) {
        return DecisionRule.of(job.choiceOf(Setting.NEAR_LIMIT)).orElseThrow();
    }

    private static PairedJobView view(Job job) {
        return new PairedJobView(job.id(), job.name(), job.unit().symbol());
    }

    /** A feature of a part. */
    private record On(Part part, FeatureAssessment feature) {
        Feature edition() {
            return feature.feature();
        }

        long id() {
            return edition().id();
        }
    }

    private static PairedFeatureView view(On on) {
        return new PairedFeatureView(
                on.id(), on.edition().name() + ", " + on.part().job().name());
    }

    private interface OfKind {
        boolean is(FeatureKind kind);
    }

    /** Each once, in the order they were made. */
    private static List<On> features(List<On> all, OfKind kind) {
        return List.copyOf(all.stream()
                .filter(each -> kind.is(each.edition().kind()))
                .collect(Collectors.toMap(On::id, each -> each, (one, same) -> one, TreeMap::new))
                .values());
    }

    private static Optional<On> chosen(List<On> features, Optional<Long> id) {
        return id.isPresent()
                ? features.stream().filter(each -> each.id() == id.get()).findFirst()
                : features.stream().findFirst();
    }

    /** Those with a size at every place. */
    private List<PairedPart> measured(List<On> all, Optional<On> of) {
        return all.stream()
                .filter(each -> of.filter(feature -> feature.id() == each.id()).isPresent())
                .flatMap(each -> measured(each).stream())
                .toList();
    }

    private Optional<PairedPart> measured(On on) {
        RoundAssessment round = on.feature().inForce();
        return round.size()
                .flatMap(size -> round.form()
                        .map(form -> new PairedPart(
                                on.part(),
                                partWords.verdict(on.feature()),
                                round.places().stream()
                                        .map(place -> new Sized(
                                                place.place().name(),
                                                place.value().value().orElseThrow(),
                                                place.uncertainty()
                                                        .orElseThrow()
                                                        .expanded()))
                                        .toList(),
                                size,
                                form.expanded(),
                                form.resolution())));
    }

    private static List<String> notMeasured(List<On> all, Optional<On> inside, Optional<On> outside) {
        Set<Long> chosen =
                Stream.of(inside, outside).flatMap(Optional::stream).map(On::id).collect(Collectors.toSet());
        return all.stream()
                .filter(each -> chosen.contains(each.id()))
                .filter(each -> each.feature().inForce().size().isEmpty())
                .map(each -> each.part().name())
                .distinct()
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
