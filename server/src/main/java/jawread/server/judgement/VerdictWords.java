package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.SizeVerdict;
import jawread.core.judge.WayOut;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
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

    /** Mark and word alone, where many stand together: in a table, on a drawing. */
    VerdictView brief(SizeVerdict verdict, String side) {
        return new VerdictView(verdict.code(), side, word(verdict), "", null);
    }

    /** A verdict that rests on this size. */
    VerdictView of(SizeVerdict verdict, Optional<Length> size, JudgedBy by, LengthUnit unit, Length step) {
        if (size.isEmpty()) {
            return new VerdictView(
                    verdict.code(), "", word(verdict), words.say("verdict." + verdict.code() + ".sentence"), null);
        }
        String side = sideOf(by.limits(), size);
        Optional<ToCutView> cut =
                WayOut.of(by.kind(), size.get(), by.limits()).cut().map(of -> toCut(of, by, unit, step));
        String sentence = cut.map(this::cutSentence).orElseGet(() -> sentence(verdict, size.get(), by, unit, step));
        return new VerdictView(verdict.code(), side, word(verdict), sentence, cut.orElse(null));
    }

    /** On which side of the limits a size lies: low, high, or empty when within or not known. */
    static String sideOf(Limits limits, Optional<Length> size) {
        return size.map(of -> limits.isAbove(of) ? "high" : limits.isBelow(of) ? "low" : "")
                .orElse("");
    }

    private String word(SizeVerdict verdict) {
        return words.say("verdict." + verdict.code() + ".word");
    }

    private ToCutView toCut(WayOut.Cut cut, JudgedBy by, LengthUnit unit, Length step) {
        // A dial that reads the diameter is fed by the diameter: half of it would only mislead.
        boolean bySide = by.diameter() && settings.of(Setting.MACHINE_READS).equals("radius");
        Optional<WayOut.Cut> side = bySide ? Optional.of(cut.perSide()) : Optional.empty();
        return new ToCutView(
                show(cut.toNear(), unit, step),
                cut.toMiddle().map(middle -> show(middle, unit, step)).orElse(null),
                side.map(of -> show(of.toNear(), unit, step)).orElse(null),
                side.flatMap(WayOut.Cut::toMiddle)
                        .map(middle -> show(middle, unit, step))
                        .orElse(null));
    }

    private String cutSentence(ToCutView cut) {
        boolean toMiddle = cut.middle() != null;
        String key = "cut." + (toMiddle ? "middle" : "near") + (cut.sideNear() == null ? "" : ".diameter");
        LengthText main = toMiddle ? cut.middle() : cut.near();
        LengthText side = toMiddle ? cut.sideMiddle() : cut.sideNear();
        return words.say(
                key,
                Map.of(
                        "main", main.withUnit(),
                        "side", side == null ? "" : side.withUnit(),
                        "near", cut.near().withUnit()));
    }

    private String sentence(SizeVerdict verdict, Length size, JudgedBy by, LengthUnit unit, Length step) {
        boolean uncut = verdict == SizeVerdict.GONE && !by.kind().canBeCut();
        List<Length> distances = by.limits().stated().stream()
                .map(limit -> size.minus(limit).abs())
                .sorted()
                .toList();
        return words.say(
                uncut ? "verdict.past.sentence" : "verdict." + verdict.code() + ".sentence",
                Map.of("by", show(distances.get(0), unit, step).inBoth()));
    }

    private LengthText show(Length length, LengthUnit unit, Length step) {
        return figures.computed(length, unit, step, List.of(Length.ZERO));
    }
}
