package jawread.server.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Fit;
import jawread.core.limit.FormLimit;
import jawread.core.limit.TypedLimits;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.Span;
import jawread.core.plan.TypedFeature;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.job.LimitsView;
import jawread.server.job.LimitsWords;
import jawread.server.plan.PlannedView.MateView;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts what was understood of a feature into figures and words. */
@Component
class PlannedWords {
    private final PlacesWords placesWords;
    private final LimitsWords limits;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    PlannedWords(PlacesWords placesWords, LimitsWords limits, Durations durations, Figures figures, Words words) {
        this.durations = durations;
        this.placesWords = placesWords;
        this.limits = limits;
        this.figures = figures;
        this.words = words;
    }

    /** A feature that stands in a plan. */
    PlannedView of(Feature feature, MethodsOfPlan methods) {
        return of(feature.key(), feature.id(), feature.planned(), methods);
    }

    /** @param edition 0 for one that stands in no plan yet */
    PlannedView of(UUID key, long edition, PlannedFeature planned, MethodsOfPlan methods) {
        LengthUnit unit = planned.block().unit();
        Length step = step(planned);
        PlannedWork work = PlannedWork.of(key, planned, methods);
        Optional<LimitsView> view = planned.judgedBy().map(of -> limits.of(of, unit, step));
        return new PlannedView(
                key,
                edition,
                planned.typed(),
                view.orElse(null),
                planned.judgedBy().map(of -> limits.brief(of, unit, step)).orElse(""),
                understood(planned, unit, step),
                refused(planned, unit),
                doubts(planned, unit),
                mate(planned, unit).orElse(null),
                planned.lies()
                        .flatMap(Span::starts)
                        .map(at -> figures.reading(at, unit, step))
                        .orElse(null),
                planned.lies()
                        .map(lies -> figures.reading(lies.length(), unit, step))
                        .orElse(null),
                planned.places().map(all -> placesWords.places(all, unit, step)).orElse(List.of()),
                planned.places().map(all -> placesWords.bands(all, unit, step)).orElse(List.of()),
                planned.layout().code(),
                work.readings(),
                durations.of(work.seconds()),
                work.method()
                        .map(method -> words.say("plan.with.method", Map.of("number", method.number())))
                        .orElseGet(() -> words.say("plan.with." + planned.time().with())));
    }

    private static Length step(PlannedFeature planned) {
        LengthUnit unit = planned.block().unit();
        return planned.limits()
                .map(TypedLimits::resolution)
                .orElse(unit.isInch() ? Length.ofInches("0.0001") : Length.ofMicrometres(1));
    }

    private Map<String, String> refused(PlannedFeature planned, LengthUnit unit) {
        var said = new LinkedHashMap<String, String>();
        planned.refusals().forEach((field, refusal) -> said.put(field, words.say(refusal, unit)));
        return said;
    }

    private Map<String, String> understood(PlannedFeature planned, LengthUnit unit, Length step) {
        var said = new LinkedHashMap<String, String>();
        planned.limits()
                .ifPresent(of ->
                        said.put("limits", limits.of(of.limits(), unit, step).sentence()));
        planned.service()
                .ifPresent(of -> said.put(
                        "service",
                        words.say(
                                planned.kind().shrinksWithCutting() ? "plan.service.down-to" : "plan.service.up-to",
                                Map.of("size", both(of.length(), unit, step)))));
        planned.outOfRound().ifPresent(of -> said.put("outOfRound", form(of, unit, step)));
        planned.taper()
                .ifPresent(of ->
                        said.put("taper", words.say("plan.taper", Map.of("limit", both(of.length(), unit, step)))));
        planned.steps()
                .ifPresent(of -> said.put(
                        "steps",
                        words.say(
                                planned.kind().shrinksWithCutting() ? "plan.undersizes" : "plan.oversizes",
                                Map.of(
                                        "steps",
                                        of.steps().stream()
                                                .map(each -> figures.exactly(each, unit))
                                                .collect(Collectors.joining(", "))))));
        planned.grades()
                .ifPresent(of -> said.put(
                        "grades",
                        of.grades().stream()
                                .map(grade -> grade.stamp() + " " + limits.brief(grade.limits(), unit, step))
                                .collect(Collectors.joining(", "))));
        planned.places().ifPresent(of -> said.put("sections", placesWords.walk(of, unit, step)));
        return said;
    }

    private String both(Length length, LengthUnit unit, Length step) {
        return figures.reading(length, unit, step).inBoth();
    }

    private String form(FormLimit limit, LengthUnit unit, Length step) {
        return words.say(
                limit.radial() ? "plan.roundness" : "plan.out-of-round",
                Map.of(
                        "limit", both(limit.length(), unit, step),
                        "difference", both(limit.asDifference(), unit, step)));
    }

    private List<String> doubts(PlannedFeature planned, LengthUnit unit) {
        return planned.doubts().stream()
                .map(doubt -> words.say(
                        "doubt." + doubt.code(), Map.of("text", planned.typed().limits(), "unit", unit.symbol())))
                .toList();
    }

    private Optional<MateView> mate(PlannedFeature planned, LengthUnit unit) {
        return planned.limits()
                .flatMap(TypedLimits::fit)
                .flatMap(fit -> fit.word().map(word -> {
                    boolean hole = planned.kind().isHole();
                    FeatureKind kind = hole ? FeatureKind.OUTSIDE : FeatureKind.BORE;
                    String name = words.say(
                            hole ? "plan.mate.shaft" : "plan.mate.hole",
                            Map.of("name", planned.typed().name()));
                    return new MateView(
                            TypedFeature.of(name, kind, planned.typed().limits()), between(fit, word, unit));
                }));
    }

    private String between(Fit fit, Fit.Word word, LengthUnit unit) {
        Length step = Length.ofMicrometres(1);
        return words.say(
                "fit." + word.code(),
                Map.of(
                        "least", both(fit.smallestClearance().orElseThrow(), unit, step),
                        "most", both(fit.largestClearance().orElseThrow(), unit, step),
                        "largest", both(fit.smallestClearance().orElseThrow().abs(), unit, step),
                        "smallest", both(fit.largestClearance().orElseThrow().abs(), unit, step)));
    }
}
