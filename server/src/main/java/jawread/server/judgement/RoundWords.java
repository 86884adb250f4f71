package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.CutTaken;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.RepeatState;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.RoundNames;
import jawread.server.judgement.RoundJudgement.PlaceJudgement;
import jawread.server.judgement.SheetView.CutView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.measure.History;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts a round into figures and words: its places, what to do at each, and what the cut before it took off. */
@Component
class RoundWords {
    private final Words words;
    private final Figures figures;
    private final VerdictWords verdicts;
    private final ReadingWords readings;

    RoundWords(Words words, Figures figures, VerdictWords verdicts, ReadingWords readings) {
        this.words = words;
        this.figures = figures;
        this.verdicts = verdicts;
        this.readings = readings;
    }

    RoundView of(RoundJudgement round, FeatureJudgement feature, Job job, History history) {
        List<PlaceView> places = round.places().stream()
                .map(place -> place(place, feature.feature(), job, history))
                .toList();
        return new RoundView(
                round.number(),
                name(round.number(), feature.part().plan().roundNames()),
                cut(round, feature, job),
                places,
                verdict(round, feature, job));
    }

    String name(int round, RoundNames names) {
        return round == 0
                ? words.say("round.as-found")
                : words.say("round." + names.code() + (round == 1 ? ".first" : ""), Map.of("number", round));
    }

    VerdictView verdict(RoundJudgement round, FeatureJudgement feature, Job job) {
        Optional<PlaceJudgement> deciding = round.deciding(feature.feature());
        return verdicts.of(
                round.verdict(),
                deciding.flatMap(place -> place.value().value()),
                JudgedBy.of(feature.feature()),
                job.unit(),
                deciding.flatMap(PlaceJudgement::resolution)
                        .orElse(feature.feature().limitsStep()));
    }

    private CutView cut(RoundJudgement round, FeatureJudgement feature, Job job) {
        if (round.number() == 0) {
            return null;
        }
        LengthUnit unit = job.unit();
        Length step = round.places().stream()
                .flatMap(place -> place.resolution().stream())
                .max(Length::compareTo)
                .orElse(feature.feature().limitsStep());
        Optional<LengthText> asked = round.asked().map(length -> figures.reading(length, unit, step));
        Optional<CutTaken> cut = feature.cutBefore(round);
        Optional<LengthText> took = cut.map(of -> figures.computed(of.took(), unit, step, List.of()));
        String key = "cut." + (asked.isPresent() ? "asked" : "unasked") + (took.isPresent() ? ".took" : ".open");
        String sentence = words.say(
                key,
                Map.of(
                        "asked", asked.map(LengthText::withUnit).orElse(""),
                        "took", took.map(LengthText::withUnit).orElse("")));
        return new CutView(asked.orElse(null), took.orElse(null), sentence);
    }

    private PlaceView place(PlaceJudgement place, Feature feature, Job job, History history) {
        Length step = place.resolution().orElse(feature.limitsStep());
        Optional<Length> value = place.value().value();
        return new PlaceView(
                place.place().id(),
                place.place().name(),
                place.readings().stream()
                        .map(reading -> readings.of(reading, history))
                        .toList(),
                job.repeatSchool().fewest(),
                place.value().state().code(),
                value.map(size -> figures.computed(
                                size, job.unit(), step, feature.limits().stated()))
                        .orElse(null),
                repeats(place, job, step),
                verdicts.of(place.verdict(), value, JudgedBy.of(feature), job.unit(), step),
                next(place, job, step));
    }

    private String repeats(PlaceJudgement place, Job job, Length step) {
        PlaceValue value = place.value();
        if (value.apart().isEmpty()) {
            return "";
        }
        String apart = shown(value.apart().get(), job, step);
        return value.allowed()
                .map(allowed ->
                        words.say("repeats.apart", Map.of("apart", apart, "allowed", shown(allowed, job, step))))
                .orElseGet(() -> words.say("repeats.apart-only", Map.of("apart", apart)));
    }

    private String shown(Length length, Job job, Length step) {
        return figures.reading(length, job.unit(), step).text();
    }

    private String next(PlaceJudgement place, Job job, Length step) {
        int read = place.standing().size();
        RepeatState state = place.value().state();
        if (state == RepeatState.MORE && read >= 2 && place.value().allowed().isPresent()) {
            return words.say(
                    "next.they-differ",
                    Map.of(
                            "apart", shown(place.value().apart().orElseThrow(), job, step),
                            "allowed", shown(place.value().allowed().orElseThrow(), job, step)));
        }
        return switch (state) {
            case MORE -> words.say(read == 0 ? "next.first" : "next.again");
            case SCATTERED, UNSETTLED -> words.say("next." + state.code());
            case DONE -> words.say("next." + place.verdict().code());
        };
    }
}
