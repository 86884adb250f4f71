package jawread.core.gauge;

import java.util.Optional;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;

/**
 * A gauge, or a transfer gauge with the reader that measures it, or a micrometer set on a master near the size: what that shows is the
 * master's size and a short travel.
 *
 * @param reader of a transfer gauge, which has no figure of its own; empty for any other
 * @param held what this person has shown to hold with it, where a trial is young enough
 * @param onMaster whether it is a micrometer set on a master
 */
public record Method(GaugeAtHand gauge, Optional<GaugeAtHand> reader, Optional<Held> held, boolean onMaster) {
    /** As a method that is one is named, behind the micrometer's number. */
    public static final String ON_A_MASTER = " on a master";

    private static final Length TENTH = Length.ofInches("0.0001");
    private static final int MASTER_SET_UP_SECONDS = 120;

    public Method(GaugeAtHand gauge, Optional<GaugeAtHand> reader, Optional<Held> held) {
        this(gauge, reader, held, false);
    }

    public Method {
        if (onMaster && !gauge.kind().hasFrames()) {
            throw new IllegalArgumentException(gauge.number() + " is no micrometer to be set on a master");
        }
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

    /** {@code M6}, {@code T1 + M6}, or {@code M6 on a master}. */
    public String name() {
        return reader.map(of -> gauge.number() + " + " + of.number()).orElse(gauge.number())
                + (onMaster ? ON_A_MASTER : "");
    }

    /** Whether its figures rest on a master that it is set on. */
    public boolean isSet() {
        return onMaster || gauge.kind().isComparator();
    }

    /** In another's hands. */
    public Method heldBy(Held by) {
        return new Method(gauge, reader, Optional.of(by), onMaster);
    }

    /** What it is used for on such a feature; empty when it is not for it. */
    public Optional<Usage> usage(FeatureKind feature) {
        Optional<Usage> usage = Usage.of(
                gauge.kind(),
                feature,
                gauge.unit(),
                gauge.leastCount(),
                gauge.range().high());
        return onMaster ? usage.map(of -> of.settingUpIn(MASTER_SET_UP_SECONDS)) : usage;
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
        if (onMaster) {
            return Optional.of(new GaugeError.Permitted(travelError()));
        }
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

    /** The largest error over a short travel: what the whole screw may be out does not count. */
    private Length travelError() {
        boolean isFine =
                gauge.leastCount().compareTo(gauge.unit().isInch() ? TENTH : LengthUnit.MICROMETRE.whole()) <= 0;
        if (gauge.unit().isInch()) {
            return isFine ? Length.ofInches("0.00005") : TENTH;
        }
        return Length.ofMillimetres(isFine ? "0.0012" : "0.002");
    }

    /**
     * What a value measured with it rests on.
     *
     * @param usage on that kind of feature
     * @param masterExpanded Um, zero for a direct gauge
     */
    public MeasuredBy measures(Usage usage, Length size, int readings, Length masterExpanded, Warmth warmth) {
        return new MeasuredBy(
                isSet(),
                resolution(),
                error(usage).orElse(new GaugeError.Permitted(Length.ZERO)),
                spread(usage),
                readings,
                masterExpanded,
                size,
                warmth);
    }
}
