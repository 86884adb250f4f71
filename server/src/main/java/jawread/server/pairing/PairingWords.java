package jawread.server.pairing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.judge.Decision;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Figure;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
import jawread.core.rework.Clearance;
import jawread.core.rework.PairByPlace;
import jawread.core.rework.Pairing;
import jawread.core.rework.SizeToOrder;
import jawread.core.rework.WindowByDrawing;
import jawread.core.rework.WindowByDrawing.By;
import jawread.server.pairing.PairingView.PairView;
import jawread.server.pairing.PairingView.PairedPartView;
import jawread.server.pairing.PairingView.PairsView;
import jawread.server.pairing.PairingView.ProposedView;
import jawread.server.pairing.PairingView.WantedView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts pairs, what a choice by hand costs, and what to order, into figures and words. */
@Component
class PairingWords {
    private final Figures figures;
    private final Words words;

    PairingWords(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** The parts, and under which rule and in which unit they are told. */
    record Said(List<PairedPart> in, List<PairedPart> out, DecisionRule rule, LengthUnit unit) {}

    PairedPartView view(PairedPart part, LengthUnit unit) {
        return new PairedPartView(
                part.part().id(),
                part.part().name(),
                part.verdict(),
                shown(part.mean(), part, unit),
                figures.significant(Length.nearest(part.expanded()), unit));
    }

    WantedView wanted(Limits window, LengthUnit unit) {
        return new WantedView(
                figures.all(window.low().orElseThrow(), unit),
                figures.all(window.high().orElseThrow(), unit));
    }

    PairsView pairs(Pairing pairing, Limits window, Said said, String sentence) {
        return new PairsView(
                pairing.pairs().stream().map(pair -> pair(pair, window, said)).toList(), sentence);
    }

    private PairView pair(Pairing.Pair pair, Limits window, Said said) {
        PairedPart in = said.in().get(pair.inside());
        PairedPart out = said.out().get(pair.outside());
        double expanded = Clearance.expanded(in.expanded(), out.expanded());
        PairByPlace byPlace = PairByPlace.of(in.byPlace(), out.byPlace());
        Decision.Word word = Clearance.decide(said.rule(), pair.clearance(), window, expanded);
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
                shown(byPlace.tightest().clearance(), in, said.unit()),
                shown(byPlace.loosest().clearance(), in, said.unit()),
                known(expanded, said.unit()),
                known(byPlace.tightest().expanded(), said.unit()),
                known(byPlace.loosest().expanded(), said.unit()),
                binds(byPlace, window, in, out, said.unit()).orElse(null),
                mark,
                word.code().endsWith("low") ? "low" : word.code().endsWith("high") ? "high" : "",
                words.say("pairing.word." + word.code()));
    }

    private LengthText known(double expanded, LengthUnit unit) {
        return figures.significant(Length.nearest(expanded), unit);
    }

    private Optional<String> binds(PairByPlace pair, Limits window, PairedPart in, PairedPart out, LengthUnit unit) {
        PairByPlace.Binds binds = pair.binds(window);
        return binds == PairByPlace.Binds.NO
                ? Optional.empty()
                : Optional.of(words.say(
                        binds == PairByPlace.Binds.YES ? "pairing.binds" : "pairing.may-bind",
                        Map.of(
                                "inside",
                                in.part().name() + ", "
                                        + pair.tightest().inside().name(),
                                "outside",
                                out.part().name() + ", "
                                        + pair.tightest().outside().name(),
                                "clearance",
                                shown(pair.tightest().clearance(), in, unit).text(),
                                "expanded",
                                known(pair.tightest().expanded(), unit).withUnit())));
    }

    ProposedView proposed(WindowByDrawing window, Feature inside, Feature outside, LengthUnit unit) {
        LengthText least = figures.all(window.clearance().low().orElseThrow(), unit);
        LengthText most = figures.all(window.clearance().high().orElseThrow(), unit);
        Feature written = window.by() == By.FIT_OF_OUTSIDE ? outside : inside;
        String sentence = window.by() == By.BOTH_LIMITS
                ? words.say(
                        "pairing.proposed.limits",
                        Map.of(
                                "inside", inside.name(),
                                "outside", outside.name(),
                                "least", least.text(),
                                "most", most.withUnit()))
                : words.say(
                        "pairing.proposed.fit",
                        Map.of(
                                "fit", written.asTyped().limits(),
                                "feature", written.name(),
                                "least", least.text(),
                                "most", most.withUnit()));
        return new ProposedView(least, most, sentence);
    }

    private LengthText shown(Length length, PairedPart part, LengthUnit unit) {
        return figures.computed(length, unit, part.step(), List.of());
    }

    String bestSaid(Pairing best, Said said) {
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

    private String off(Pairing pairing, Said said) {
        return pairing.off()
                .map(off -> figures.significant(off, said.unit()).withUnit())
                .orElse("");
    }

    String costSaid(Pairing byHand, Pairing best, Limits window, Said said) {
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

    /** What to make or to order for those left over. */
    List<String> order(Pairing pairing, Limits window, Said said, Optional<Feature> outside, Optional<Feature> inside) {
        var order = new ArrayList<String>();
        Set<Integer> in = pairing.pairs().stream().map(Pairing.Pair::inside).collect(Collectors.toSet());
        Set<Integer> out = pairing.pairs().stream().map(Pairing.Pair::outside).collect(Collectors.toSet());
        for (int i = 0; i < said.in().size(); i++) {
            if (!in.contains(i)) {
                PairedPart left = said.in().get(i);
                order.add(order(
                        "outside",
                        left,
                        SizeToOrder.outsideFor(left.places(), window, step(outside, left, said.unit())),
                        step(outside, left, said.unit()),
                        said.unit()));
            }
        }
        for (int i = 0; i < said.out().size(); i++) {
            if (!out.contains(i)) {
                PairedPart left = said.out().get(i);
                order.add(order(
                        "inside",
                        left,
                        SizeToOrder.insideFor(left.places(), window, step(inside, left, said.unit())),
                        step(inside, left, said.unit()),
                        said.unit()));
            }
        }
        return List.copyOf(order);
    }

    /** As fine as the drawing or the gauge is, whichever is finer, in figures that can be ordered. */
    private static Length step(Optional<Feature> feature, PairedPart part, LengthUnit unit) {
        Length finer = feature.map(Feature::limitsStep)
                .filter(step -> step.compareTo(part.step()) < 0)
                .orElse(part.step());
        return Figure.orderable(finer, unit);
    }

    private String order(String what, PairedPart left, Optional<Limits> sizes, Length step, LengthUnit unit) {
        String part = left.part().name();
        return sizes.map(limits -> words.say(
                        // Where just one size serves, it is not told as two.
                        "pairing.order." + what + (limits.low().equals(limits.high()) ? ".one" : ""),
                        Map.of(
                                "part", part,
                                "from",
                                        figures.reading(limits.low().orElseThrow(), unit, step)
                                                .text(),
                                "to",
                                        figures.reading(limits.high().orElseThrow(), unit, step)
                                                .withUnit())))
                .orElseGet(() -> words.say("pairing.order.none", Map.of("part", part)));
    }

    String sentence(List<PairedPart> in, List<PairedPart> out, Optional<Limits> wanted) {
        if (in.isEmpty() || out.isEmpty()) {
            return words.say(in.isEmpty() ? "pairing.no-insides" : "pairing.no-outsides");
        }
        return words.say(
                wanted.isEmpty() ? "pairing.say-window" : "pairing.there-are",
                Map.of("insides", in.size(), "outsides", out.size()));
    }
}
