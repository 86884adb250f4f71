package jawread.core.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.core.gauge.Method;
import jawread.core.gauge.Usage;
import jawread.core.heat.Material;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * What the sizes of a plan are judged under: the job's schools, and what is known of its gauges and of its parts.
 *
 * @param material of the parts
 * @param own materials of the shop, besides the catalogue
 */
public record Conditions(Rules rules, Instruments instruments, Material material, List<Material> own) {
    public Conditions {
        own = List.copyOf(own);
    }

    /**
     * Whether sizes read with these gauges come to the same under other conditions: the rules are the same, and so is all that these
     * gauges rest on. A comparator rests on whatever it can be set on.
     */
    boolean areSameFor(Set<Long> gauges, Conditions other) {
        return this == other
                || rules.equals(other.rules)
                        && material.equals(other.material)
                        && own.equals(other.own)
                        && instruments.areSameFor(gauges, other.instruments);
    }

    public DecisionRule decision() {
        return rules.decision();
    }

    /**
     * How well the value of a place is known. Of readings that rest on different settings or temperatures those that know least.
     *
     * @param counting n
     * @param standing one or more of one method
     */
    public Uncertainty uncertainty(FeatureKind kind, PlaceValue value, int counting, Length size, Standing standing) {
        Length spread = value.spread(standing.spread(), standing.values());
        Length resolution = standing.resolution();
        return differently(standing.readings()).stream()
                .map(reading -> reading.made().isPresent()
                        ? madeOf(reading.made().get(), reading, kind, spread, counting)
                        : Uncertainty.of(measuredBy(reading, kind, spread, resolution, counting, size)))
                .max(Comparator.comparingDouble(Uncertainty::standard))
                .orElseThrow();
    }

    /** The first of each that rest on other things than those before; nearly always one. */
    private static List<Reading> differently(List<Reading> readings) {
        var first = new ArrayList<Reading>();
        Reading before = null;
        for (Reading reading : readings) {
            // Like the one before it, nearly always.
            if (before == null
                    || !isReadAlike(before, reading) && first.stream().noneMatch(each -> isReadAlike(each, reading))) {
                first.add(reading);
            }
            before = reading;
        }
        return first;
    }

    private static boolean isReadAlike(Reading one, Reading other) {
        return one.made().isEmpty()
                && other.made().isEmpty()
                && one.with().gauge() == other.with().gauge()
                && one.with().reader().equals(other.with().reader())
                && (one.setting() == other.setting()
                        || one.setting().map(SetTo::id).equals(other.setting().map(SetTo::id)))
                && (one.warmth() == other.warmth()
                        || one.warmth()
                                .map(PartTemperature::at)
                                .equals(other.warmth().map(PartTemperature::at)));
    }

    /** U of a single reading. */
    Length expanded(FeatureKind kind, Reading reading) {
        return Length.nearest(reading.made()
                .map(made -> madeOf(made, reading, kind, Length.ZERO, 1))
                .orElseGet(() -> Uncertainty.of(
                        measuredBy(reading, kind, reading.spread(), reading.judgedTo(), 1, reading.value())))
                .expanded());
    }

    /** Each figure by its own gauge, as if it were a reading by itself. */
    private Uncertainty madeOf(MadeOf made, Reading of, FeatureKind kind, Length scatter, int counting) {
        return made.uncertainty(
                made.pieces().stream()
                        .map(of::only)
                        .map(one -> Uncertainty.of(
                                measuredBy(one, kind, one.spread(), one.judgedTo(), counting, one.value())))
                        .toList(),
                scatter,
                counting);
    }

    private MeasuredBy measuredBy(
            Reading reading, FeatureKind kind, Length spread, Length resolution, int readings, Length size) {
        Method method = instruments.method(reading.with());
        Optional<Usage> usage = method.usageOrCommonest(kind);
        Warmth warmth = warmth(reading);
        return new MeasuredBy(
                method.isSet(),
                reading.pins().map(pins -> pins.width()).orElse(resolution),
                usage.flatMap(method::error)
                        .orElse(new GaugeError.Permitted(Length.ZERO))
                        .ofSeveral(instruments.readOn(reading).piecesOf(reading.raw())),
                reading.pins().isPresent() ? Optional.empty() : Optional.of(spread),
                readings,
                reading.setting()
                        .map(SetTo::expanded)
                        // One whose setting nobody kept: what such a setting knows at best.
                        .orElseGet(() -> instruments.masterExpanded(method, size, warmth, reading.takenAt())),
                size,
                warmth);
    }

    private Warmth warmth(Reading reading) {
        Material scale = reading.setting()
                .map(SetTo::material)
                .map(name -> Material.called(name, own).orElse(Material.STEEL))
                .orElse(Material.STEEL);
        Optional<Temperatures> measured = reading.warmth()
                .flatMap(part -> reading.setting()
                        .flatMap(SetTo::temperature)
                        .or(part::gauge)
                        .map(gauge -> new Temperatures(part.part().doubleValue(), gauge.doubleValue())));
        return instruments.warmth(material, scale, measured);
    }
}
