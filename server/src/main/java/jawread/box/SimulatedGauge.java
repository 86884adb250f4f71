package jawread.box;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** One gauge of the box, with a part behind it whose true size nobody is told before they ask. Lengths are exact. */
final class SimulatedGauge {
    /** A part is put in by about what it is: it is so far from that, at most. */
    private static final Length ABOUT = Length.ofMicrometres(20);

    private static final Length FARTHEST = Length.ofMillimetres("2000");
    private static final int MOST_PRESETS = 3;

    private final String number;
    private final GaugeKind kind;
    private final Random hand;
    private final Clock clock;

    private LengthUnit unit;
    private Length part = Length.ZERO;
    private boolean isTold;
    private Length noise;
    private Length zero = Length.ZERO;
    private Length shown = Length.ZERO;
    private Optional<Instant> heldSince = Optional.empty();
    private boolean isCellLow;
    private final List<Length> presets = new ArrayList<>();
    private int preset;
    private Optional<Length> low = Optional.empty();
    private Optional<Length> high = Optional.empty();

    SimulatedGauge(String number, GaugeKind kind, LengthUnit unit, Random hand, Clock clock) {
        this.number = number;
        this.kind = kind;
        this.unit = unit;
        this.hand = hand;
        this.clock = clock;
        this.noise = kind.usualNoise();
    }

    String number() {
        return number;
    }

    /** Another part under it, of about this size; what it really is, is drawn. */
    void putIn(String about) {
        Length size = typed(about);
        part = size.plus(Length.ofPicometres(Math.round((hand.nextDouble() * 2 - 1) * ABOUT.picometres())));
        isTold = false;
        heldSince = Optional.empty();
        shown = Length.ZERO;
    }

    /** Takes the size once, as a hand does: a bore gauge never shows less than the bore, and holds its turning point. */
    void take() {
        if (kind != GaugeKind.BORE_GAUGE && heldSince.isPresent()) {
            // What is held does not follow the jaws.
            return;
        }
        double slip = hand.nextGaussian() * noise.picometres();
        boolean isRocked = kind == GaugeKind.BORE_GAUGE;
        shown = part.plus(zero).plus(Length.ofPicometres(Math.round(isRocked ? Math.abs(slip) : slip)));
        if (isRocked) {
            heldSince = Optional.of(clock.instant());
        }
    }

    void toggleHold() {
        heldSince = heldSince.isPresent() ? Optional.empty() : Optional.of(clock.instant());
    }

    void toggleCell() {
        isCellLow = !isCellLow;
    }

    void toggleUnit() {
        unit = unit.other();
    }

    void tellPart() {
        isTold = true;
    }

    /** Its zero, from here on, is off by this. */
    void zeroIsOff(String by) {
        zero = by.isBlank() ? Length.ZERO : signed(by);
    }

    void noiseIs(String text) {
        noise = typed(text);
    }

    /** Up to three figures, one of which it shows sizes by; none for one that shows what it is. */
    void presetTo(String text) {
        if (text.isBlank()) {
            preset = 0;
            return;
        }
        Length size = typed(text);
        int known = presets.indexOf(size);
        if (known >= 0) {
            preset = known + 1;
            return;
        }
        if (presets.size() == MOST_PRESETS) {
            presets.remove(0);
        }
        presets.add(size);
        preset = presets.size();
    }

    /** Its own light goes by these; empty for none. */
    void limits(String lower, String upper) {
        low = lower.isBlank() ? Optional.empty() : Optional.of(typed(lower));
        high = upper.isBlank() ? Optional.empty() : Optional.of(typed(upper));
    }

    /** What it says when its button is pressed. @param count its own */
    String line(long count) {
        var line = new StringBuilder(number + " " + display() + " " + unit.symbol() + " n=" + count + " simulated");
        heldSince.ifPresent(since -> line.append(" hold=").append(tenths(Duration.between(since, clock.instant()))));
        if (isCellLow) {
            line.append(" lowcell");
        }
        if (preset > 0) {
            line.append(" preset=").append(figure(presets.get(preset - 1)));
        }
        light().ifPresent(light -> line.append(' ').append(light));
        return line.toString();
    }

    /** The same, broken off somewhere. */
    String tornLine(long count) {
        String line = line(count);
        return line.substring(0, number.length() + 2 + hand.nextInt(4));
    }

    private static String tenths(Duration duration) {
        return BigDecimal.valueOf(duration.toMillis(), 3)
                .setScale(1, RoundingMode.DOWN)
                .toPlainString();
    }

    String display() {
        return figure(shown);
    }

    private Optional<String> light() {
        if (low.isEmpty() && high.isEmpty()) {
            return Optional.empty();
        }
        if (low.filter(limit -> shown.compareTo(limit) < 0).isPresent()) {
            return Optional.of("under");
        }
        return Optional.of(high.filter(limit -> shown.compareTo(limit) > 0).isPresent() ? "over" : "in");
    }

    /** To its own step, as its display writes it. */
    private String figure(Length length) {
        boolean isInch = unit.isInch();
        BigDecimal step = kind.step(isInch).in(unit);
        return length.in(unit)
                .divide(step, 0, RoundingMode.HALF_EVEN)
                .multiply(step)
                .setScale(kind.decimals(isInch), RoundingMode.HALF_EVEN)
                .toPlainString();
    }

    private Length typed(String text) {
        Length length = signed(text);
        if (length.isNegative()) {
            throw new IllegalArgumentException("A size is never below zero: leave out the minus.");
        }
        return length;
    }

    private Length signed(String text) {
        try {
            Length length = Length.of(new BigDecimal(text.strip().replace(',', '.')), unit);
            if (length.abs().compareTo(FARTHEST) <= 0) {
                return length;
            }
        } catch (ArithmeticException | NumberFormatException none) {
            // Said below.
        }
        throw new IllegalArgumentException("“" + text + "” is no figure of this gauge. Right would be "
                + (unit.isInch() ? "1.2500" : "31.950") + ".");
    }

    /** As the page shows it. */
    GaugeView view(List<String> said, int waiting) {
        return new GaugeView(
                number,
                kind.code(),
                unit.symbol(),
                display(),
                heldSince.isPresent(),
                isCellLow,
                figure(zero),
                new BigDecimal(noise.picometres())
                        .movePointLeft(6)
                        .stripTrailingZeros()
                        .toPlainString(),
                presets.stream().map(this::figure).toList(),
                preset,
                low.map(this::figure).orElse(""),
                high.map(this::figure).orElse(""),
                light().orElse(""),
                isTold ? exactly(part) : "",
                said,
                waiting);
    }

    private String exactly(Length length) {
        return length.in(unit)
                .setScale(kind.decimals(unit.isInch()) + 1, RoundingMode.HALF_EVEN)
                .toPlainString();
    }

    /**
     * @param noiseMicrometres of the hand, one standard deviation
     * @param preset which of the presets it shows by, from 1; 0: none
     * @param light of its own limits: under, in or over; empty where it has none
     * @param told what the part really is; empty before somebody asks
     * @param said what it said last and the answer, the last one first
     * @param waiting lines that nobody has answered yet
     */
    record GaugeView(
            String number,
            String kind,
            String unit,
            String display,
            boolean held,
            boolean cellLow,
            String zero,
            String noiseMicrometres,
            List<String> presets,
            int preset,
            String low,
            String high,
            String light,
            String told,
            List<String> said,
            int waiting) {}
}
