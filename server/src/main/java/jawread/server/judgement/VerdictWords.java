package jawread.server.judgement;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.judge.Demand;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.WayOut;
import jawread.core.judge.WearLadder;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
import jawread.core.limit.ServiceLimit;
import jawread.server.judgement.SheetView.ToCutView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts a verdict into its mark, its word and its sentence. */
@Component
class VerdictWords {
    private final Words words;
    private final Figures figures;
    private final ShopSettings settings;

    VerdictWords(Words words, Figures figures, ShopSettings settings) {
        this.settings = settings;
        this.words = words;
        this.figures = figures;
    }

    /** A size that was judged. @param step it is shown by */
    record Sized(Length size, SizeJudgement judged, Demand demand, boolean diameter, LengthUnit unit, Length step) {
        /** The wear side of the limits is low for what wears smaller. */
        boolean shrinks() {
            return demand.kind().shrinksWithCutting();
        }
    }

    /** Mark and word alone, where many stand together: in a table, on a drawing. */
    VerdictView brief(SizeVerdict verdict, Side side) {
        return new VerdictView(verdict.code(), side.code(), word(verdict), "", null, null);
    }

    /** Where a limit lies between two pins. @param pins that would settle it */
    VerdictView betweenPins(Side side, String pins) {
        return new VerdictView(
                SizeVerdict.TOO_CLOSE.code(),
                side.code(),
                word(SizeVerdict.TOO_CLOSE),
                words.say("verdict.too-close.pins", Map.of("pins", pins)),
                null,
                null);
    }

    /** Of a place without a size. */
    VerdictView withoutSize(SizeVerdict verdict) {
        return new VerdictView(
                verdict.code(), "", word(verdict), words.say("verdict." + verdict.code() + ".sentence"), null, null);
    }

    /** Beyond one end of a go and no-go gauge, which does not say how far. */
    VerdictView beyondAnEnd(SizeVerdict verdict, Side side) {
        return new VerdictView(
                verdict.code(),
                side.code(),
                word(verdict),
                words.say(
                        verdict == SizeVerdict.METAL_LEFT
                                ? "verdict.metal-left.beyond-end"
                                : "verdict.outside.beyond-end"),
                null,
                null);
    }

    /** @param apparent what it would be, if what was read stood */
    VerdictView inDoubt(SizeVerdict apparent) {
        boolean isRead = apparent != SizeVerdict.NOT_MEASURED && apparent != SizeVerdict.UNSETTLED;
        return new VerdictView(
                SizeVerdict.IN_DOUBT.code(),
                "",
                word(SizeVerdict.IN_DOUBT),
                words.say(
                        isRead ? "verdict.in-doubt.apparent" : "verdict.in-doubt.sentence",
                        Map.of("word", word(apparent))),
                null,
                null);
    }

    /** Where the form is worse than any size. @param sentence how it stands to its limit */
    VerdictView ofForm(SizeVerdict verdict, Side side, String sentence) {
        return new VerdictView(
                verdict.code(),
                side.code(),
                verdict.isLost() ? words.say("verdict.form.word") : word(verdict),
                sentence,
                null,
                null);
    }

    VerdictView of(Sized sized) {
        SizeVerdict verdict = sized.judged().verdict();
        Optional<ToCutView> cut = sized.judged().cut().map(of -> toCut(of, sized));
        return new VerdictView(
                verdict.code(),
                sized.judged().side().code(),
                word(verdict),
                cut.map(this::cutSentence).orElseGet(() -> sentence(sized)),
                cut.orElse(null),
                used(sized).orElse(null));
    }

    /** Of the wear that service allows, in whole per cent; empty where there is no such way. */
    private static Optional<String> used(Sized sized) {
        return sized.judged()
                .ladder()
                .flatMap(ladder -> ladder.usedPercent().stream().boxed().findFirst())
                .map(VerdictWords::whole);
    }

    String word(SizeVerdict verdict) {
        return words.say("verdict." + verdict.code() + ".word");
    }

    private static String whole(double percent) {
        return BigDecimal.valueOf(percent).setScale(0, RoundingMode.HALF_EVEN).toPlainString();
    }

    private ToCutView toCut(WayOut.Cut cut, Sized sized) {
        // A dial that reads the diameter is fed by the diameter: half of it would only mislead.
        boolean bySide = sized.diameter() && settings.of(Setting.MACHINE_READS).equals("radius");
        Length division = division(sized.unit());
        Optional<WayOut.Cut> dialled = cut.onDial(division, bySide);
        WayOut.Cut told = dialled.orElse(cut);
        Optional<WayOut.Cut> side = bySide ? Optional.of(told.perSide()) : Optional.empty();
        Function<Length, LengthText> show = dialled.isPresent()
                ? length -> figures.reading(length, sized.unit(), division)
                : length -> show(length, sized);
        return new ToCutView(
                show.apply(told.toNear()),
                told.toMiddle().map(show).orElse(null),
                side.map(WayOut.Cut::toNear).map(show).orElse(null),
                side.flatMap(WayOut.Cut::toMiddle).map(show).orElse(null),
                dial(cut, dialled, division, sized.unit()));
    }

    private Length division(LengthUnit unit) {
        return Length.of(
                settings.number(unit.isInch() ? Setting.MACHINE_DIVISION_INCH : Setting.MACHINE_DIVISION_METRIC), unit);
    }

    /** What the dial does to it; empty where it comes to whole divisions by itself. */
    private String dial(WayOut.Cut cut, Optional<WayOut.Cut> dialled, Length division, LengthUnit unit) {
        if (dialled.filter(cut::equals).isPresent()) {
            return "";
        }
        return words.say(
                dialled.isPresent() ? "cut.dialled" : "cut.between-lines",
                Map.of("division", figures.exactly(division, unit)));
    }

    private String cutSentence(ToCutView cut) {
        boolean toMiddle = cut.middle() != null;
        String key = "cut." + (toMiddle ? "middle" : "near") + (cut.sideNear() == null ? "" : ".diameter");
        LengthText main = toMiddle ? cut.middle() : cut.near();
        LengthText side = toMiddle ? cut.sideMiddle() : cut.sideNear();
        String said = words.say(
                key,
                Map.of(
                        "main", main.withUnit(),
                        "side", side == null ? "" : side.withUnit(),
                        "near", cut.near().withUnit()));
        return cut.dial().isEmpty() ? said : said + " " + cut.dial();
    }

    private String sentence(Sized sized) {
        SizeVerdict verdict = sized.judged().verdict();
        return switch (verdict) {
            case TOO_CLOSE -> tooClose(sized);
            case GONE ->
                words.say(
                        sized.demand().kind().canBeCut() ? "verdict.gone.sentence" : "verdict.past.sentence",
                        Map.of(
                                "by",
                                inBoth(toNearest(sized, sized.demand().shown().stated()), sized)));

            case WORN, WITHIN_SERVICE, BEYOND_SERVICE ->
                words.say(
                        "verdict." + verdict.code() + ".sentence",
                        Map.of(
                                "by",
                                inBoth(
                                        toNearest(
                                                sized,
                                                sized.demand().service().map(ServiceLimit::length).stream()
                                                        .toList()),
                                        sized),
                                "used",
                                usedWords(sized)));
            case WRONG_WAY ->
                words.say(
                        "verdict.wrong-way." + (sized.shrinks() ? "outside" : "inside"),
                        Map.of(
                                "by",
                                inBoth(
                                        toNearest(
                                                sized, otherSide(sized).stream().toList()),
                                        sized)));
            default ->
                words.say(
                        "verdict." + verdict.code() + ".sentence",
                        Map.of(
                                "by",
                                inBoth(toNearest(sized, sized.demand().shown().stated()), sized)));
        };
    }

    private String usedWords(Sized sized) {
        return used(sized)
                .map(percent -> words.say("wear.used", Map.of("percent", percent)))
                .orElse("");
    }

    /** How far it is from the limit it is too close to, and how much cannot be told. */
    private String tooClose(Sized sized) {
        Limits limits = sized.demand().shown();
        List<Length> candidates = Stream.concat(
                        limits.stated().stream(), sized.demand().service().map(ServiceLimit::length).stream())
                .toList();
        Length nearest = candidates.stream()
                .min(Comparator.comparing(limit -> sized.size().minus(limit).abs()))
                .orElseThrow();
        var slots = new HashMap<String, Object>();
        slots.put("by", inBoth(sized.size().minus(nearest).abs(), sized));
        slots.put("limit", limit(nearest, sized));
        slots.put("guard", show(sized.judged().decision().guard(), sized).withUnit());
        Optional<WearLadder> ladder =
                sized.judged().ladder().filter(of -> of.tooCloseTo().isPresent());
        if (ladder.isPresent()) {
            slots.put("one", words.say("step." + ladder.get().step().code()));
            slots.put(
                    "other",
                    words.say("step." + ladder.get().tooCloseTo().orElseThrow().code()));
            return words.say("verdict.too-close.ladder", slots);
        }
        if (sized.judged().decision().cannotProve()) {
            return words.say("verdict.too-close.cannot-prove", slots);
        }
        boolean isPast = limits.isBelow(sized.size()) || limits.isAbove(sized.size());
        boolean isOn = nearest.equals(sized.size());
        return words.say("verdict.too-close." + (isOn ? "on" : isPast ? "past" : "inside"), slots);
    }

    private String limit(Length limit, Sized sized) {
        return figures.computed(limit, sized.unit(), sized.step(), List.of()).text();
    }

    private static Length toNearest(Sized sized, List<Length> limits) {
        return limits.stream()
                .map(limit -> sized.size().minus(limit).abs())
                .min(Length::compareTo)
                .orElse(Length.ZERO);
    }

    /** The limit that nothing wears past. */
    private static Optional<Length> otherSide(Sized sized) {
        return sized.shrinks()
                ? sized.demand().shown().high()
                : sized.demand().shown().low();
    }

    private String inBoth(Length length, Sized sized) {
        return show(length, sized).inBoth();
    }

    private LengthText show(Length length, Sized sized) {
        return figures.computed(length, sized.unit(), sized.step(), List.of(Length.ZERO));
    }
}
