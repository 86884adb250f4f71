package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.GoTogether;
import jawread.core.assess.MeasuredForm;
import jawread.core.assess.PlaceAssessment;
import jawread.core.assess.PlaceMark;
import jawread.core.assess.Round;
import jawread.core.assess.RoundAssessment;
import jawread.core.judge.CutTaken;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.RepeatSchool;
import jawread.core.judge.RepeatState;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.NextSize;
import jawread.server.access.People;
import jawread.server.form.FormPictures;
import jawread.server.form.ReworkWords;
import jawread.server.form.StoryWords;
import jawread.server.job.Job;
import jawread.server.job.Plan;
import jawread.server.job.RoundNames;
import jawread.server.judgement.JudgementView.StraightnessView;
import jawread.server.judgement.SheetView.CutView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.judgement.SheetView.SaidView;
import jawread.server.judgement.SheetView.SizeStepView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.judgement.VerdictWords.Sized;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts a round into figures and words: its places, what to do at each, and what the cut before it took off. */
@Component
class RoundWords {
    /** From here on a reading is counted in digits. */
    private static final int MOST_COUNTED = 6;

    private final ReworkWords rework;
    private final People people;
    private final Words words;
    private final Figures figures;
    private final VerdictWords verdicts;
    private final RuleWords rules;
    private final ReadingWords readings;
    private final DoubtWords doubts;
    private final FormPictures pictures;
    private final StoryWords stories;

    RoundWords(
            ReworkWords rework,
            People people,
            Words words,
            Figures figures,
            VerdictWords verdicts,
            RuleWords rules,
            ReadingWords readings,
            DoubtWords doubts,
            FormPictures pictures,
            StoryWords stories) {
        this.rework = rework;
        this.people = people;
        this.doubts = doubts;
        this.pictures = pictures;
        this.stories = stories;
        this.words = words;
        this.figures = figures;
        this.verdicts = verdicts;
        this.rules = rules;
        this.readings = readings;
    }

    /** @param cut what the cut before the round is kept under @param together what it goes together with */
    RoundView of(
            RoundAssessment round,
            FeatureAssessment feature,
            Plan plan,
            Optional<UUID> cut,
            Optional<GoTogether> together) {
        Job job = plan.job();
        List<PlaceView> places =
                round.places().stream().map(place -> place(place, feature, job)).toList();
        return new RoundView(
                round.number(),
                name(round.number(), plan.roundNames()),
                cut.orElse(null),
                cut(round, feature, job),
                Optional.of(round.round())
                        .filter(of -> !of.isCarried())
                        .flatMap(Round::to)
                        .map(to -> step(to, job.unit()))
                        .orElse(null),
                together.filter(of -> round == feature.inForce())
                        .flatMap(of -> of.size().fromNew())
                        .map(Length::picometres)
                        .or(() -> proposed(round))
                        .orElse(null),
                places,
                at(round),
                verdict(round, feature, job),
                round == feature.inForce() ? envelope(feature) : null,
                round == feature.inForce()
                        ? round.form()
                                .filter(MeasuredForm::isSeen)
                                .map(form -> pictures.of(form, job.unit()))
                                .orElse(null)
                        : null);
    }

    /** A size that a part is reworked to, as it is said in a shop: +0.25 mm; zero is as new. */
    SizeStepView step(Length fromNew, LengthUnit unit) {
        return new SizeStepView(
                fromNew.picometres(), fromNew.isZero() ? words.say("size.as-new") : rework.step(fromNew, unit));
    }

    /** The step that a lost feature is to be reworked to; empty where none serves. */
    private static Optional<Long> proposed(RoundAssessment round) {
        return Optional.of(round)
                .filter(each -> each.verdict().isLost())
                .flatMap(RoundAssessment::form)
                .flatMap(MeasuredForm::nextSize)
                .flatMap(NextSize::size)
                .flatMap(FinishedSize::fromNew)
                .map(Length::picometres);
    }

    /** How straight the feature was found, and where to say it; empty where the drawing does not demand perfect form. */
    Optional<StraightnessView> straightness(FeatureAssessment feature, Job job) {
        return feature.envelope()
                .map(any -> new StraightnessView(
                        feature.inForce().number(),
                        feature.feature().places().get(0).id(),
                        job.unit().symbol(),
                        feature.straightness()
                                .map(said -> words.say(
                                        "envelope.straightness",
                                        Map.of(
                                                "size",
                                                        figures.exactly(
                                                                said.size().orElseThrow(), job.unit()),
                                                "how", said.reason(),
                                                "person", people.nameOf(said.person()))))
                                .orElse("")));
    }

    /** What can be said of perfect form at maximum material; null where the drawing does not demand it. */
    @Nullable
    String envelope(FeatureAssessment feature) {
        return feature.envelope()
                .map(said -> words.say("envelope." + said.code()))
                .orElse(null);
    }

    /** The place where the walk stands; 0 where there is none. */
    static long at(RoundAssessment round) {
        return round.wanted()
                .or(() -> round.verdict() == SizeVerdict.METAL_LEFT ? round.deciding() : Optional.empty())
                .or(() -> round.places().stream()
                        .filter(place -> !place.readings().isEmpty())
                        .max(Comparator.comparing(place -> place.readings()
                                .get(place.readings().size() - 1)
                                .seq())))
                .or(() -> round.places().stream().findFirst())
                .map(place -> place.place().id())
                .orElse(0L);
    }

    String name(int round, RoundNames names) {
        return round == 0
                ? words.say("round.as-found")
                : words.say("round." + names.code() + (round == 1 ? ".first" : ""), Map.of("number", round));
    }

    VerdictView verdict(RoundAssessment round, FeatureAssessment feature, Job job) {
        if (round.isDecidedByForm()) {
            return verdicts.ofForm(
                    round.verdict(), round.side(), stories.deciding(round.form().orElseThrow(), job.unit()));
        }
        return round.deciding()
                .map(place -> verdict(place, sized(place, feature, job), feature, job))
                .orElseGet(() -> verdicts.withoutSize(round.verdict()));
    }

    private VerdictView verdict(PlaceAssessment place, Optional<Sized> sized, FeatureAssessment feature, Job job) {
        if (place.verdict() == SizeVerdict.IN_DOUBT) {
            return verdicts.inDoubt(place.apparent());
        }
        if (place.verdict() == SizeVerdict.TOO_CLOSE && place.isBetweenPins()) {
            return verdicts.betweenPins(
                    place.side(),
                    place.settledBy(feature.of().limits()).stream()
                            .map(pin -> figures.exactly(pin, job.unit()))
                            .collect(Collectors.joining(words.say("doubt.or"))));
        }
        return sized.map(verdicts::of)
                .orElseGet(() -> place.judged().isPresent()
                        ? verdicts.beyondAnEnd(place.verdict(), place.side())
                        : verdicts.withoutSize(place.verdict()));
    }

    /** Empty without a size. */
    Optional<Sized> sized(PlaceAssessment place, FeatureAssessment feature, Job job) {
        return place.value()
                .value()
                .flatMap(size -> place.judged()
                        .map(judged -> new Sized(
                                size,
                                judged,
                                feature.at(place).demand(),
                                feature.at(place).diameter(),
                                job.unit(),
                                stepOf(place, feature))));
    }

    /** What the cut before a round was asked to take, and took; null before the first. */
    @Nullable
    CutView cut(RoundAssessment round, FeatureAssessment feature, Job job) {
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

    /** Empty without a size. */
    Optional<LengthText> value(PlaceAssessment place, FeatureAssessment feature, Job job) {
        return sized(place, feature, job).map(this::value);
    }

    private LengthText value(Sized sized) {
        return figures.computed(
                sized.size(), sized.unit(), sized.step(), sized.demand().shown().stated());
    }

    /** U of its value, of two significant digits; empty without one. */
    Optional<LengthText> expanded(PlaceAssessment place, Job job) {
        return place.uncertainty().map(of -> figures.significant(Length.nearest(of.expanded()), job.unit()));
    }

    /** Nearer than this to a limit nothing can be told; empty without a size. */
    static Optional<Long> guardPm(PlaceAssessment place) {
        return place.judged().map(judged -> judged.decision().guard().picometres());
    }

    private static Length stepOf(PlaceAssessment place, FeatureAssessment feature) {
        return place.resolution().orElse(feature.feature().limitsStep());
    }

    PlaceView place(PlaceAssessment place, FeatureAssessment feature, Job job) {
        Length step = stepOf(place, feature);
        Optional<Sized> sized = sized(place, feature, job);
        Optional<LengthText> value = sized.map(this::value);
        Optional<LengthText> expanded = expanded(place, job);
        return new PlaceView(
                place.place().id(),
                place.place().name(),
                place.place().section(),
                place.place().axis(),
                place.place().depth().map(Length::picometres).orElse(null),
                place.readings().stream()
                        .map(reading -> readings.of(reading, feature))
                        .toList(),
                place.isBetweenPins() ? 1 : job.repeatSchool().fewest(),
                place.value().state().code(),
                place.wantsReading(),
                value.orElse(null),
                expanded.orElse(null),
                guardPm(place).orElse(null),
                value.flatMap(of -> expanded.map(u ->
                                words.say("place.known", Map.of("value", of.text(), "u", u.text(), "unit", of.unit()))))
                        .orElse(null),
                sized.filter(of -> !place.isBetweenPins())
                        .map(of -> rules.risk(of.judged()))
                        .orElse(null),
                repeats(place, job, step),
                verdict(place, sized, feature, job),
                doubts.of(place),
                place.quick().stream()
                        .map(reading -> readings.of(reading, feature))
                        .toList(),
                feature.asksQuick(place),
                place.skip().map(said -> SaidView.of(said, people)).orElse(null),
                place.marks().stream()
                        .filter(mark -> mark.kind() == PlaceMark.Kind.NOTE)
                        .map(said -> SaidView.of(said, people))
                        .toList(),
                next(place, job, step));
    }

    private String repeats(PlaceAssessment place, Job job, Length step) {
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

    /** What the school waits for, and which reading of it is taken now. */
    private String more(RepeatSchool school, int read) {
        String next = words.say(read == 0 ? "next.first" : "next.again");
        String key = "next.waits." + school.code();
        return words.has(key) && read > 0
                ? words.say("next.of", Map.of("waits", words.say(key), "nth", nth(read + 1), "next", next))
                : next;
    }

    private String nth(int count) {
        return words.say("next.nth." + Math.min(count, MOST_COUNTED), Map.of("count", count));
    }

    private String next(PlaceAssessment place, Job job, Length step) {
        if (place.skip().isPresent()) {
            return words.say("next.skipped", Map.of("reason", place.skip().get().reason()));
        }
        int read = place.standing().size();
        RepeatState state = place.value().state();
        if (state == RepeatState.MORE && read >= 2 && place.value().allowed().isPresent()) {
            return words.say(
                    "next.they-differ",
                    Map.of(
                            "apart", shown(place.value().apart().orElseThrow(), job, step),
                            "allowed", shown(place.value().allowed().orElseThrow(), job, step),
                            "nth", nth(read + 1)));
        }
        if (!place.doubts().isEmpty() && (state == RepeatState.MORE || state == RepeatState.DONE)) {
            return words.say("next.in-doubt");
        }
        return switch (state) {
            case MORE -> more(job.repeatSchool(), read);
            case SCATTERED, UNSETTLED -> words.say(place.doubts().isEmpty() ? "next." + state.code() : "next.slipped");
            case DONE ->
                words.say("next." + place.verdict().code()
                        + (place.verdict() == SizeVerdict.METAL_LEFT
                                        && place.value().value().isEmpty()
                                ? ".beyond-end"
                                : ""));
        };
    }
}
