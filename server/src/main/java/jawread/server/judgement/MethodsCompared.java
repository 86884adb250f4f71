package jawread.server.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.assess.ComparedMethods;
import jawread.core.assess.ComparedMethods.Found;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.Instruments;
import jawread.core.judge.TwoMethods;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.judgement.TwoMethodsView.ComparedView;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Holds two methods against one another where both were put to the same places, quick checks among them. */
@Component
class MethodsCompared {
    private final Figures figures;
    private final Words words;

    MethodsCompared(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** Empty where fewer than two places were measured by two methods. */
    Optional<TwoMethodsView> of(FeatureAssessment feature, LengthUnit unit) {
        Instruments instruments = feature.of().conditions().instruments();
        return ComparedMethods.of(feature)
                .map(of -> view(
                        instruments.number(of.one()),
                        of.first(),
                        instruments.number(of.other()),
                        of.second(),
                        of.compared(),
                        instruments.number(of.deciding()),
                        unit));
    }

    private TwoMethodsView view(
            String one,
            List<Found> first,
            String other,
            List<Found> second,
            TwoMethods methods,
            String deciding,
            LengthUnit unit) {
        Length step = Stream.concat(first.stream(), second.stream())
                .map(Found::resolution)
                .min(Length::compareTo)
                .orElseThrow();
        var places = new ArrayList<ComparedView>();
        for (int i = 0; i < first.size(); i++) {
            Length a = first.get(i).size();
            Length b = second.get(i).size();
            places.add(new ComparedView(
                    first.get(i).place().id(),
                    first.get(i).place().name(),
                    shown(a, unit, step),
                    shown(b, unit, step),
                    shown(Length.meanOf(List.of(a, b)), unit, step),
                    shown(a.minus(b), unit, step)));
        }
        LengthText mean = shown(Length.nearest(methods.mean()), unit, step);
        LengthText explained = shown(Length.nearest(methods.explained()), unit, step);
        return new TwoMethodsView(
                one,
                other,
                places,
                mean,
                shown(Length.nearest(methods.low()), unit, step),
                shown(Length.nearest(methods.high()), unit, step),
                explained,
                methods.differs(),
                words.say(
                                methods.differs() ? "methods.differ" : "methods.agree",
                                Map.of(
                                        "first", one,
                                        "second", other,
                                        "count", places.size(),
                                        "which", words.say(methods.mean() < 0 ? "methods.below" : "methods.above"),
                                        "mean",
                                                shown(Length.nearest(Math.abs(methods.mean())), unit, step)
                                                        .withUnit(),
                                        "explained", explained.withUnit()))
                        + " "
                        + words.say(
                                "methods.decides",
                                Map.of("deciding", deciding, "beside", deciding.equals(one) ? other : one)));
    }

    private LengthText shown(Length length, LengthUnit unit, Length step) {
        return figures.computed(length, unit, step, List.of());
    }
}
