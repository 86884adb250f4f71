package jawread.core.gauge;

import java.util.Optional;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * A gauge, or a transfer gauge with the reader that measures it.
 *
 * @param reader of a transfer gauge, which has no figure of its own; empty for any other
 * @param held what this person has shown to hold with it, where a trial is young enough
 */
public record Method(GaugeAtHand gauge, Optional<GaugeAtHand> reader, Optional<Held> held) {
    public Method {
        if (gauge.kind().isTransfer() != reader.isPresent()) {
            throw new IllegalArgumentException(
                    gauge.number() + (reader.isPresent() ? " needs no reader" : " needs a reader"));
        }
    }

    /** From a known-size trial. @param bias its size, zero or above @param spread s, above zero */
    public record Held(Length bias, Length spread) {
        /** |bias| + 2s. */
        public Length within() {
            return bias.plus(spread.times(2));
        }
    }

    /** The one with the scale that is read. */
    public GaugeAtHand read() {
        return reader.orElse(gauge);
    }

    /** {@code M6}, or {@code T1 + M6}. */
    public String name() {
        return reader.map(of -> gauge.number() + " + " + of.number()).orElse(gauge.number());
    }

    /** What it is used for on such a feature; empty when it is not for it. */
    public Optional<Usage> usage(FeatureKind feature) {
        return Usage.of(
                gauge.kind(),
                feature,
                gauge.unit(),
                gauge.leastCount(),
                gauge.range().high());
    }

    /** The same; that of its commonest use where it is not for such a feature, and was put to it all the same. */
    public Optional<Usage> usageOrCommonest(FeatureKind feature) {
        return usage(feature)
                .or(() -> Usage.of(
                                gauge.kind(),
                                gauge.unit(),
                                gauge.leastCount(),
                                gauge.range().high())
                        .findFirst());
    }

    /** d: a division of what is read. */
    public Length resolution() {
        return read().leastCount();
    }

    /** Whether its turning point is seen live. */
    public boolean isLive() {
        return gauge.kind().live();
    }

    /** s: of this person's trial, else of the gauge's own data sheet, else its kind's; empty for pins. */
    public Optional<Length> spread(Usage usage) {
        return held.map(Held::spread).or(gauge::ownSpread).or(usage::spread);
    }

    /** Of what is read: a transfer gauge's error is its reader's. Empty when nobody has said it and its kind has none. */
    public Optional<GaugeError> error(Usage usage) {
        return read().ownError()
                .or(() -> reader.isEmpty()
                        ? usage.permittedError().map(GaugeError.Permitted::new)
                        : reader.flatMap(of -> Usage.of(
                                        of.kind(),
                                        FeatureKind.OUTSIDE,
                                        of.unit(),
                                        of.leastCount(),
                                        of.range().high()))
                                .flatMap(Usage::permittedError)
                                .map(GaugeError.Permitted::new));
    }

    /**
     * What a value measured with it rests on.
     *
     * @param usage on that kind of feature
     * @param masterExpanded Um, zero for a direct gauge
     */
    public MeasuredBy measures(Usage usage, Length size, int readings, Length masterExpanded, Warmth warmth) {
        return new MeasuredBy(
                gauge.kind().isComparator(),
                resolution(),
                error(usage).orElse(new GaugeError.Permitted(Length.ZERO)),
                spread(usage),
                readings,
                masterExpanded,
                size,
                warmth);
    }
}
