package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
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
import jawread.server.comparator.ComparatorSetting;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.ZeroStrips.OfGauges;
import jawread.server.job.Job;
import jawread.server.measure.Reading;
import jawread.server.settings.Setting;

/**
 * What the sizes of a plan are judged under: the job's schools, and what is known of its gauges and of its parts.
 *
 * @param zeros what the looks at the gauges' zeros throw into doubt
 * @param material of the parts
 * @param masterMaterials what comparators were set on, by the name it is kept under
 */
record Judging(Job job, AtHand atHand, OfGauges zeros, Material material, Function<String, Material> masterMaterials) {
    DecisionRule rule() {
        return DecisionRule.of(job.choiceOf(Setting.NEAR_LIMIT)).orElseThrow();
    }

    /**
     * How well the value of a place is known. Of several gauges read with the one that knows least: a better one beside it makes
     * its readings no better.
     *
     * @param standing those not struck, one or more
     */
    Uncertainty uncertainty(FeatureKind kind, PlaceValue value, Length size, List<Reading> standing) {
        Length usual =
                standing.stream().map(Reading::spread).max(Length::compareTo).orElseThrow();
        Length spread =
                value.spread(usual, standing.stream().map(Reading::value).toList());
        return standing.stream()
                .collect(Collectors.toMap(Judging::asRead, reading -> reading, (first, next) -> first))
                .values()
                .stream()
                .map(reading -> Uncertainty.of(
                        measuredBy(reading, kind, spread, resolution(standing), Math.max(1, value.used()), size)))
                .max(Comparator.comparing(Uncertainty::standard))
                .orElseThrow();
    }

    /** U of a single reading. */
    Length expanded(FeatureKind kind, Reading reading) {
        return Length.nearest(
                Uncertainty.of(measuredBy(reading, kind, reading.spread(), resolution(reading), 1, reading.value()))
                        .expanded());
    }

    /** What makes two readings rest on other things. */
    private record AsRead(String method, Optional<ComparatorSetting> setting, Optional<Long> warm) {}

    private static AsRead asRead(Reading reading) {
        return new AsRead(
                reading.method().key(),
                reading.setting(),
                reading.warmth().map(of -> of.at().toEpochMilli()));
    }

    private MeasuredBy measuredBy(
            Reading reading, FeatureKind kind, Length spread, Length resolution, int readings, Length size) {
        Method method = atHand.asRead(reading.method());
        Optional<Usage> usage = method.usageOrCommonest(kind);
        Warmth warmth = warmth(reading);
        return new MeasuredBy(
                method.gauge().kind().isComparator(),
                reading.pins().map(pins -> pins.width()).orElse(resolution),
                usage.flatMap(method::error).orElse(new GaugeError.Permitted(Length.ZERO)),
                reading.pins().isPresent() ? Optional.empty() : Optional.of(spread),
                readings,
                reading.setting()
                        .map(ComparatorSetting::expanded)
                        // One whose setting nobody kept: what such a setting knows at best.
                        .orElseGet(() -> atHand.masterExpanded(method, size, warmth)),
                size,
                warmth);
    }

    /** d: a division, or half of one where tenths were judged. Of figures written shorter than the gauge shows, what was written. */
    private static Length resolution(List<Reading> readings) {
        return readings.stream().map(Judging::resolution).min(Length::compareTo).orElseThrow();
    }

    private static Length resolution(Reading reading) {
        return reading.resolution().compareTo(reading.leastCount()) < 0
                ? reading.leastCount().half()
                : reading.resolution();
    }

    private Warmth warmth(Reading reading) {
        Material scale = reading.setting()
                .map(ComparatorSetting::material)
                .map(masterMaterials)
                .orElse(Material.STEEL);
        Optional<Temperatures> measured = reading.warmth()
                .flatMap(part -> reading.setting()
                        .flatMap(ComparatorSetting::temperature)
                        .or(part::gauge)
                        .map(gauge -> new Temperatures(part.part().doubleValue(), gauge.doubleValue())));
        return measured.isPresent()
                ? new Warmth(material.alpha(), scale.alpha(), measured, atHand.measuredApart(), 0)
                : Warmth.unmeasured(material.alpha(), scale.alpha(), atHand.apart(), atHand.fromTwenty());
    }
}
