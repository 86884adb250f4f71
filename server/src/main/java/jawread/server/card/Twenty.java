package jawread.server.card;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.heat.AtTwenty;
import jawread.core.heat.Material;
import jawread.core.heat.Soak;
import jawread.core.heat.Warm;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.drawer.UncertaintyWords;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Durations;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** Brings a size to 20 °C, and says how well, and whether it is better to wait. */
@Service
public class Twenty {
    private final TypedFields fields;
    private final UncertaintyWords uncertainties;
    private final ShopSettings settings;
    private final Durations durations;
    private final Figures figures;
    private final Words words;

    Twenty(
            TypedFields fields,
            UncertaintyWords uncertainties,
            ShopSettings settings,
            Durations durations,
            Figures figures,
            Words words) {
        this.fields = fields;
        this.uncertainties = uncertainties;
        this.settings = settings;
        this.durations = durations;
        this.figures = figures;
        this.words = words;
    }

    /**
     * As typed.
     *
     * @param size read on a scale, or the master's
     * @param deviation from the master, with its sign; empty where it was read on a scale
     * @param scaleMaterial of the scale, or of the master
     * @param tolerance its whole width; empty where nobody said
     * @param section the part's thickest; empty where nobody said
     * @param on metal-plate or surface-plate
     */
    record TypedTwenty(
            String unit,
            String size,
            String deviation,
            String scaleMaterial,
            String scaleTemperature,
            String partMaterial,
            String partTemperature,
            String tolerance,
            String section,
            String on) {}

    AtTwentyView of(TypedTwenty typed) {
        LengthUnit unit = fields.unit(typed.unit());
        Length size = fields.aboveZero("size", typed.size(), unit, "size-needed")
                .orElseThrow(() -> Refused.field("size", "size-needed", words));
        return of(
                size,
                fields.deviation("deviation", typed.deviation(), unit),
                warm("scale", typed.scaleMaterial(), typed.scaleTemperature()),
                warm("part", typed.partMaterial(), typed.partTemperature()),
                fields.size("tolerance", typed.tolerance(), unit),
                fields.aboveZero("section", typed.section(), unit, "size-needed"),
                typed.on().equals("surface-plate") ? Soak.On.SURFACE_PLATE : Soak.On.METAL_PLATE,
                unit);
    }

    /** @param deviation from a master of that size; empty where it was read on a scale */
    public AtTwentyView of(
            Length size,
            Optional<Length> deviation,
            Warm scale,
            Warm part,
            Optional<Length> tolerance,
            Optional<Length> section,
            Soak.On on,
            LengthUnit unit) {
        AtTwenty corrected = deviation
                .map(from -> AtTwenty.comparator(size, from, scale, part))
                .orElseGet(() -> AtTwenty.direct(size, scale, part));
        boolean mustWait = tolerance.filter(corrected::mustWait).isPresent();
        Optional<Long> soak = section.map(thick -> soak().minutes(thick, on));
        return new AtTwentyView(
                figures.computed(corrected.size(), unit, step(unit).times(10), List.of()),
                figures.computed(corrected.correction(), unit, step(unit).times(10), List.of()),
                uncertainties.of(doubt(size, scale, part), unit, false),
                mustWait,
                soak.orElse(null),
                sentence(corrected, scale, part, unit),
                advice(mustWait, tolerance, soak));
    }

    private String advice(boolean mustWait, Optional<Length> tolerance, Optional<Long> soak) {
        String key = mustWait
                ? soak.isPresent() ? "twenty.wait-for" : "twenty.wait"
                : tolerance.isPresent() ? "twenty.go-on" : "twenty.no-tolerance";
        return words.say(
                key,
                Map.of("time", soak.map(minutes -> durations.of(minutes * 60)).orElse("")));
    }

    public Soak soak() {
        return new Soak(settings.number(Setting.SOAK_MINUTES));
    }

    /** Nothing of the gauge: only what the two temperatures leave open. */
    private Uncertainty doubt(Length size, Warm scale, Warm part) {
        return Uncertainty.of(new MeasuredBy(
                false,
                Length.ZERO,
                new GaugeError.Permitted(Length.ZERO),
                Optional.empty(),
                1,
                Length.ZERO,
                size,
                new Warmth(
                        part.material().alpha(),
                        scale.material().alpha(),
                        Optional.of(new Temperatures(
                                part.celsius().doubleValue(), scale.celsius().doubleValue())),
                        settings.number(Setting.TEMPERATURE_MEASURED).doubleValue(),
                        0)));
    }

    private String sentence(AtTwenty corrected, Warm scale, Warm part, LengthUnit unit) {
        boolean isOne =
                scale.material().equals(part.material()) && scale.celsius().compareTo(part.celsius()) == 0;
        return words.say(
                isOne ? "twenty.nothing" : "twenty.corrected",
                Map.of(
                        "size", figures.rounded(corrected.size(), unit, step(unit)),
                        "correction", figures.rounded(corrected.correction(), unit, step(unit)),
                        "sign", corrected.correction().isNegative() ? "" : "+"));
    }

    /** A tenth of a micrometre, or a hundred-thousandth of an inch. */
    private static Length step(LengthUnit unit) {
        return unit.isInch() ? Length.ofInches("0.00001") : Length.ofMillimetres("0.0001");
    }

    private Warm warm(String of, String material, String celsius) {
        Material known = Material.called(material, settings.ownMaterials())
                .orElseThrow(() -> Refused.field(of + "Material", "no-such-material", words));
        BigDecimal temperature = fields.temperature(of + "Temperature", celsius)
                .orElseThrow(() -> Refused.field(of + "Temperature", "temperature-needed", words));
        return new Warm(known, temperature);
    }
}
