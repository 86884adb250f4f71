package jawread.server.scale;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.InchFraction;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.PlainDecimal;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.misread.TrueReading;
import jawread.core.scale.AsRead;
import jawread.core.scale.Comparator;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;
import jawread.server.scale.ScaleReadingView.FractionView;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Reads and sets a scale of the catalogue, with or without a base; what cannot be is refused at its field. */
@Service
class ScaleReader {
    private final ScaleViews views;
    private final ScaleWords scaleWords;
    private final MisreadWords misreads;
    private final SettingWords settings;
    private final Figures figures;
    private final Words words;

    ScaleReader(
            ScaleViews views,
            ScaleWords scaleWords,
            MisreadWords misreads,
            SettingWords settings,
            Figures figures,
            Words words) {
        this.views = views;
        this.scaleWords = scaleWords;
        this.misreads = misreads;
        this.settings = settings;
        this.figures = figures;
        this.words = words;
    }

    List<ScaleView> all() {
        return Scales.all().stream().map(scale -> views.of(scale, Length.ZERO)).toList();
    }

    /** Where its sleeve begins at its own size, its figures hang on what the gauge adds. */
    ScaleView one(String id, String typedBase) {
        Scale scale = scale(id);
        return views.of(scale, size(scale, "base", typedBase));
    }

    ScaleReadingView read(String id, String typedBase, String typedParts) {
        Scale scale = scale(id);
        Length base = size(scale, "base", typedBase);
        Parts parts = parts(typedParts);
        ScaleReading reading = accepted("parts", scale, scale.read(base, parts));
        var eye = AsRead.of(scale, base);
        return new ScaleReadingView(
                scaleWords.size(reading.value(), eye),
                reading.estimated(),
                scaleWords.addends(eye, parts, reading),
                fraction(reading.value(), scale.unit()),
                // A distance is of two positions: what either may be misread as is told where it stands alone.
                parts.isDistance() ? List.of() : misreads.of(new TrueReading(scale, base, parts, reading)),
                scaleWords.spoken(eye, parts, reading));
    }

    SettingView set(String id, String typedBase, String sense, String typedWanted) {
        Scale scale = scale(id);
        Length base = size(scale, "base", typedBase);
        Length wanted = size(scale, "wanted", typedWanted);
        return settings.of(scale, base, wanted, accepted("wanted", scale, scale.set(base, sense(sense), wanted)));
    }

    private Scale scale(String id) {
        return Scales.of(id)
                .orElseThrow(() -> Refused.of(
                        HttpStatus.NOT_FOUND, "no-such-scale", words.say("problem.no-such-scale", Map.of("id", id))));
    }

    private Length size(Scale scale, String field, String text) {
        return accepted(
                field,
                scale,
                TypedLength.parse(text, scale.unit(), TypedLength.Kind.SIZE).map(TypedLength::length));
    }

    private Parts parts(String text) {
        try {
            return Parts.parse(text);
        } catch (IllegalArgumentException notParts) {
            throw bad("parts", text, "sleeve=37;thimble=41");
        }
    }

    private Optional<Sense> sense(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    Sense.ofSign(PlainDecimal.parse(text)).orElseThrow(() -> bad(Comparator.SENSE, text, "+1, -1")));
        } catch (NumberFormatException noNumber) {
            throw bad(Comparator.SENSE, text, "+1, -1");
        }
    }

    private Refused bad(String field, String value, String allowed) {
        var refusal = Refusal.of("bad-value")
                .with("column", field)
                .with("value", value)
                .with("allowed", allowed);
        return Refused.field(field, refusal, words.say(refusal, LengthUnit.MILLIMETRE));
    }

    private <T> T accepted(String field, Scale scale, Outcome<T> outcome) {
        return outcome.fold(value -> value, refusal -> {
            throw Refused.field(field, refusal, words.say(refusal, scale.unit()));
        });
    }

    private FractionView fraction(Length size, LengthUnit unit) {
        if (size.isNegative()) {
            return null;
        }
        InchFraction nearest = InchFraction.nearest(size);
        Length error = nearest.error();
        String key = error.isZero() ? "fraction.exact" : error.isNegative() ? "fraction.under" : "fraction.over";
        Length step = unit.isInch() ? Length.ofInches("0.0001") : Length.ofMillimetres("0.001");
        return new FractionView(
                nearest + " in", words.say(key, Map.of("error", figures.rounded(error.abs(), unit, step))));
    }
}
