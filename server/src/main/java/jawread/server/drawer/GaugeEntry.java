package jawread.server.drawer;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Usage;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Thimble;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Understands a gauge as typed, field by field; what cannot be is refused at its field, with what would be right. */
@Component
class GaugeEntry {
    private static final int LONGEST_NUMBER = 20;
    private static final int LONGEST_NAME = 120;
    private static final int MOST_STEPS = 100;
    private static final int MOST_RODS = 12;
    private final GaugeRepository gauges;
    private final Words words;

    GaugeEntry(GaugeRepository gauges, Words words) {
        this.gauges = gauges;
        this.words = words;
    }

    /** @param before the gauge that is changed; empty for a new one */
    GaugeHead understood(TypedGauge typed, Optional<Gauge> before) {
        GaugeKind kind =
                GaugeKind.of(typed.kind()).orElseThrow(() -> Refused.field("kind", "no-such-gauge-kind", words));
        String number = number(typed, before);
        Optional<Scale> scale = scale(typed, kind);
        LengthUnit unit = scale.map(Scale::unit)
                .or(() -> LengthUnit.ofSuffix(typed.unit())
                        .filter(each -> each.whole()
                                .equals(each.isInch() ? LengthUnit.INCH.whole() : LengthUnit.MILLIMETRE.whole())))
                .orElseThrow(() -> Refused.field("unit", "bad-unit", words));
        Length low = size("rangeLow", typed.rangeLow(), unit).orElse(Length.ZERO);
        Length high = size("rangeHigh", typed.rangeHigh(), unit)
                .orElseThrow(() -> Refused.field("rangeHigh", "range-needed", words));
        if (low.compareTo(high) >= 0) {
            throw Refused.field("rangeHigh", "range-upward", words);
        }
        Length base = size("base", typed.base(), unit).orElse(usualBase(scale, low));
        refuseUnlessOverlapping(kind, scale, base, rods(typed, unit), low, high, unit);
        Optional<Length> step = size("step", typed.step(), unit);
        if (kind.isBracket() && (step.isEmpty() || step.get().isZero())) {
            throw Refused.field("step", "step-needed", words);
        }
        if (kind.isBracket() && typed.error().isBlank()) {
            throw Refused.field("error", "set-error-needed", words);
        }
        return new GaugeHead(
                number,
                name(typed),
                kind,
                scale,
                unit,
                base,
                rods(typed, unit),
                low,
                high,
                step,
                size("spread", typed.spread(), unit),
                size("error", typed.error(), unit),
                size("reach", typed.reach(), unit),
                allowedSteps(typed),
                typed.switchable(),
                readers(typed, kind, low, high));
    }

    private List<Length> rods(TypedGauge typed, LengthUnit unit) {
        List<Length> rods = Arrays.stream(typed.rods().split("[;\\s]+"))
                .flatMap(text -> size("rods", text, unit).stream())
                .distinct()
                .toList();
        if (rods.size() > MOST_RODS) {
            throw Refused.field("rods", "too-many-rods", words);
        }
        return rods;
    }

    private String number(TypedGauge typed, Optional<Gauge> before) {
        String number = typed.shopNumber().strip();
        if (number.isEmpty() || number.length() > LONGEST_NUMBER) {
            throw Refused.field("shopNumber", "bad-shop-number", words);
        }
        boolean taken = gauges.findByShopNumberIgnoreCase(number)
                .filter(other -> before.isEmpty() || other.id() != before.get().id())
                .isPresent();
        if (taken) {
            var refusal = Refusal.of("number-taken").with("number", number);
            throw Refused.field("shopNumber", refusal, words.say(refusal, LengthUnit.MILLIMETRE));
        }
        return number;
    }

    private String name(TypedGauge typed) {
        String name = typed.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.field("name", "bad-gauge-name", words);
        }
        return name;
    }

    private Optional<Scale> scale(TypedGauge typed, GaugeKind kind) {
        if (kind.scales().isEmpty()) {
            return Optional.empty();
        }
        Scale scale = Scales.of(typed.scale()).orElseThrow(() -> Refused.field("scale", "scale-needed", words));
        if (!kind.scales().contains(scale.family())) {
            throw Refused.field("scale", "scale-of-another-kind", words);
        }
        return Optional.of(scale);
    }

    /** A micrometer's frame adds its lower end; a depth head its rod's. */
    private static Length usualBase(Optional<Scale> scale, Length low) {
        return scale.filter(Thimble.class::isInstance).isPresent() ? low : Length.ZERO;
    }

    /** A range that the scale, standing on this base, does not come to: or one that its kind is not for. */
    private void refuseUnlessOverlapping(
            GaugeKind kind,
            Optional<Scale> scale,
            Length base,
            List<Length> rods,
            Length low,
            Length high,
            LengthUnit unit) {
        Length from = base;
        Length highest = rods.stream()
                .max(Length::compareTo)
                .filter(rod -> rod.compareTo(base) > 0)
                .orElse(base);
        Length to = scale.filter(Thimble.class::isInstance)
                .map(LinedScale.class::cast)
                .map(head -> highest.plus(head.coarse().times((long) head.reach())))
                .orElse(Length.LARGEST_SIZE);
        boolean comparator = kind.isComparator();
        boolean meets = comparator || (low.compareTo(to) < 0 && high.compareTo(from) > 0);
        if (!meets) {
            var refusal =
                    Refusal.of("range-overlaps-nothing").with("from", from).with("to", to);
            throw Refused.field("rangeLow", refusal, words.say(refusal, unit));
        }
        Usage.of(kind, unit, scale.map(Scale::leastCount).orElse(Length.ZERO), high)
                .findFirst()
                .filter(usage -> usage.from()
                                .filter(least -> high.compareTo(least) < 0)
                                .isPresent()
                        || usage.to().filter(most -> low.compareTo(most) > 0).isPresent())
                .ifPresent(usage -> {
                    var refusal = Refusal.of("range-not-of-kind")
                            .with("from", usage.from().orElse(Length.ZERO))
                            .with("to", usage.to().orElse(Length.LARGEST_SIZE));
                    throw Refused.field("rangeLow", refusal, words.say(refusal, unit));
                });
    }

    private Optional<Length> size(String field, String text, LengthUnit unit) {
        return text.isBlank()
                ? Optional.empty()
                : Optional.of(TypedLength.parse(text, unit, TypedLength.Kind.SIZE)
                        .fold(TypedLength::length, refusal -> {
                            throw Refused.field(field, refusal, words.say(refusal, unit));
                        }));
    }

    private int allowedSteps(TypedGauge typed) {
        String text = typed.allowedSteps().strip();
        if (text.isEmpty()) {
            return 1;
        }
        if (!text.matches("\\d{1,3}") || Integer.parseInt(text) > MOST_STEPS) {
            throw Refused.field("allowedSteps", "bad-allowed-steps", words);
        }
        return Integer.parseInt(text);
    }

    private List<Long> readers(TypedGauge typed, GaugeKind kind, Length low, Length high) {
        if (!kind.isTransfer()) {
            return List.of();
        }
        List<Gauge> able = gauges.findAllByOrderById().stream()
                .filter(gauge -> gauge.kind().mayRead())
                .toList();
        boolean known = typed.readers().stream().allMatch(id -> able.stream().anyMatch(gauge -> gauge.id() == id));
        if (!known) {
            throw Refused.field("readers", "no-such-reader", words);
        }
        boolean any = able.stream()
                .filter(gauge -> typed.readers().isEmpty() || typed.readers().contains(gauge.id()))
                .anyMatch(gauge -> gauge.rangeLow().compareTo(high) <= 0
                        && gauge.rangeHigh().compareTo(low) >= 0);
        if (!any) {
            throw Refused.field("readers", "no-reader", words);
        }
        return typed.readers();
    }
}
