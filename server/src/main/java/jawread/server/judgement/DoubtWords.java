package jawread.server.judgement;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.assess.Doubt;
import jawread.core.assess.Doubt.ChecksApart;
import jawread.core.assess.Doubt.Contradicted;
import jawread.core.assess.Doubt.Misread;
import jawread.core.assess.Doubt.NeverSet;
import jawread.core.assess.Doubt.ZeroMoved;
import jawread.core.assess.Instrument;
import jawread.core.assess.PlaceAssessment;
import jawread.core.assess.Reading;
import jawread.core.assess.SetTo;
import jawread.core.doubt.Finding;
import jawread.core.length.Length;
import jawread.core.misread.Explanation;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Reference;
import jawread.core.scale.Scale;
import jawread.server.judgement.DoubtView.DoubtedView;
import jawread.server.judgement.DoubtView.SlipView;
import jawread.server.scale.MisreadWords;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells why a reading is in doubt: what it disagrees with and by how much, what would account for it, what settles it. */
@Component
class DoubtWords {
    private final MisreadWords slips;
    private final Figures figures;
    private final Words words;

    DoubtWords(MisreadWords slips, Figures figures, Words words) {
        this.slips = slips;
        this.figures = figures;
        this.words = words;
    }

    /** Of a place; with one other reading both are one finding, for either may be the slipped one. */
    List<DoubtView> of(PlaceAssessment place) {
        List<Misread> misreads = place.doubts().stream()
                .flatMap(doubt -> doubt instanceof Misread misread ? Stream.of(misread) : Stream.empty())
                .toList();
        var views = new ArrayList<DoubtView>();
        List<ChecksApart> checks = place.doubts().stream()
                .flatMap(doubt -> doubt instanceof ChecksApart apart ? Stream.of(apart) : Stream.empty())
                .toList();
        if (!checks.isEmpty()) {
            views.add(checks(checks));
        }
        if (isPair(place, misreads)) {
            views.add(pair(misreads.get(0), misreads.get(1)));
        } else {
            misreads.forEach(misread -> views.add(one(misread)));
        }
        place.doubts().stream()
                .flatMap(doubt -> doubt instanceof Contradicted between ? Stream.of(between) : Stream.empty())
                .forEach(between -> views.add(contradicted(between)));
        place.doubts().stream()
                .flatMap(doubt -> doubt instanceof NeverSet never ? Stream.of(never) : Stream.empty())
                .collect(groupingBy(NeverSet::on, LinkedHashMap::new, toList()))
                .forEach((on, read) -> views.add(neverSet(on, read)));
        place.doubts().stream()
                .flatMap(doubt -> doubt instanceof ZeroMoved moved ? Stream.of(moved) : Stream.empty())
                .collect(groupingBy(moved -> moved.moved().look().id(), LinkedHashMap::new, toList()))
                .forEach((check, moved) -> views.add(zero(check, moved)));
        return views;
    }

    private static boolean isPair(PlaceAssessment place, List<Misread> misreads) {
        return place.standing().size() == 2
                && misreads.size() == 2
                && misreads.stream().allMatch(misread -> misread.isAgainst(Reference.Kind.REPEATS));
    }

    private DoubtView pair(Misread first, Misread second) {
        boolean named = named(first).isPresent() || named(second).isPresent();
        return new DoubtView(
                "pair",
                words.say(
                        named ? "doubt.pair" : "doubt.pair.unnamed",
                        Map.of(
                                "apart", apart(first.finding().apart(), first.reading()),
                                "one", either(first),
                                "or",
                                        named(first).isPresent()
                                                        && named(second).isPresent()
                                                ? words.say("doubt.or")
                                                : "",
                                "other", either(second))),
                words.say("doubt.settle.pair"),
                List.of(doubted(first), doubted(second)),
                null);
    }

    private String either(Misread misread) {
        return named(misread)
                .map(slip -> words.say(
                        "doubt.either",
                        Map.of(
                                "slip", slips.of(slip, asKept(misread)),
                                "figure", size(misread.reading()).withUnit())))
                .orElse("");
    }

    private DoubtView one(Misread misread) {
        Reading reading = misread.reading();
        Finding finding = misread.finding();
        String key = (finding.named().isPresent() ? "doubt.misread." : "doubt.unnamed.")
                + finding.against().kind().code();
        return new DoubtView(
                "misread",
                words.say(
                        key,
                        Map.of(
                                "figure", size(reading).withUnit(),
                                "apart", apart(finding.apart(), reading),
                                "slip",
                                        finding.named()
                                                .map(slip -> slips.of(slip, asKept(misread)))
                                                .orElse(""),
                                "should",
                                        finding.named()
                                                .map(slip ->
                                                        shouldBe(slip, reading).withUnit())
                                                .orElse(""))),
                words.say(reading.quick() ? "doubt.settle.quick" : "doubt.settle"),
                List.of(doubted(misread)),
                null);
    }

    /** All of them are one finding; one alone is out of line with checks that agree. */
    private DoubtView checks(List<ChecksApart> checks) {
        ChecksApart first = checks.get(0);
        return new DoubtView(
                "checks",
                words.say(
                        checks.size() == 1 ? "doubt.checks.one" : "doubt.checks",
                        Map.of(
                                "figure", size(first.reading()).withUnit(),
                                "gauge", first.on().number(),
                                "other", size(first.other()).withUnit(),
                                "apart", apart(first.apart(), first.reading()),
                                "explained",
                                        figures.significant(
                                                        first.explained(),
                                                        first.reading().unit())
                                                .withUnit())),
                words.say(checks.size() == 1 ? "doubt.settle.checks.one" : "doubt.settle.checks"),
                checks.stream()
                        .map(each -> doubted(each, Optional.empty(), Optional.empty()))
                        .toList(),
                null);
    }

    private DoubtView contradicted(Contradicted between) {
        return new DoubtView(
                "misread",
                words.say(
                        "doubt.contradicted",
                        Map.of(
                                "figure", size(between.reading()).withUnit(),
                                "gauge", between.on().number(),
                                "apart", apart(between.apart(), between.reading()),
                                "explained",
                                        figures.significant(
                                                        between.explained(),
                                                        between.reading().unit())
                                                .withUnit())),
                words.say("doubt.settle.contradicted"),
                List.of(doubted(between, Optional.empty(), Optional.empty())),
                null);
    }

    private DoubtView neverSet(Instrument on, List<NeverSet> doubts) {
        return new DoubtView(
                "never-set",
                words.say(
                        doubts.size() == 1 ? "doubt.never-set" : "doubt.never-set.many",
                        Map.of("gauge", on.number(), "figures", figuresOf(doubts))),
                words.say("doubt.settle.never-set"),
                doubts.stream()
                        .map(doubt -> doubted(doubt, Optional.empty(), Optional.empty()))
                        .toList(),
                null);
    }

    private String figuresOf(List<? extends Doubt> doubts) {
        return doubts.stream().map(doubt -> size(doubt.reading()).withUnit()).collect(joining(words.say("doubt.and")));
    }

    /** All that were read before one look at a zero are one finding. */
    private DoubtView zero(UUID check, List<ZeroMoved> doubts) {
        List<Reading> readings = doubts.stream().map(ZeroMoved::reading).toList();
        Reading first = readings.get(0);
        return new DoubtView(
                "zero",
                words.say(
                        readings.size() == 1 ? "doubt.zero" : "doubt.zero.many",
                        Map.of(
                                "gauge", doubts.get(0).on().number(),
                                "figures", figuresOf(doubts),
                                "moved", length(doubts.get(0).moved().moved().abs(), first))),
                words.say("doubt.settle.zero"),
                doubts.stream()
                        .map(doubt -> doubted(doubt, Optional.empty(), Optional.empty()))
                        .toList(),
                check);
    }

    private static Optional<Explanation> named(Misread misread) {
        return misread.finding().named();
    }

    private DoubtedView doubted(Misread misread) {
        return doubted(misread, misread.finding().named(), misread.finding().other());
    }

    private DoubtedView doubted(Doubt doubt, Optional<Explanation> named, Optional<Explanation> other) {
        Reading reading = doubt.reading();
        Instrument on = doubt.on();
        return new DoubtedView(
                reading.id(),
                size(reading),
                on.scale().map(Scale::id).orElse(""),
                figures.exactly(
                        reading.setting().map(SetTo::size).orElseGet(() -> reading.base(on)),
                        on.gauge().unit()),
                named.map(slip -> slip(slip, doubt)).orElse(null),
                other.map(slip -> slip(slip, doubt)).orElse(null));
    }

    private SlipView slip(Explanation slip, Doubt doubt) {
        return new SlipView(
                slip.slip().code(),
                slips.of(slip, asKept(doubt)),
                slip.slip().where().code(),
                shouldBe(slip, doubt.reading()));
    }

    private static KeptReading asKept(Doubt doubt) {
        return doubt.reading().asKept(doubt.on());
    }

    private LengthText shouldBe(Explanation slip, Reading reading) {
        return figures.reading(slip.shouldBe(), reading.unit(), reading.resolution());
    }

    private LengthText size(Reading reading) {
        return figures.reading(reading.raw(), reading.unit(), reading.resolution());
    }

    /** Between two sizes, to the step that they were read to: their corrections have digits that nobody read. */
    private String apart(Length length, Reading reading) {
        return figures.rounded(length, reading.unit(), reading.resolution());
    }

    private String length(Length length, Reading reading) {
        return figures.reading(length, reading.unit(), reading.resolution()).withUnit();
    }
}
