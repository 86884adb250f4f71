package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import jawread.core.gauge.Adds;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.gauge.Usage;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Thimble;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Understands a gauge as typed, field by field; what cannot be is refused at its field, with what would be right. */
@Component
class GaugeEntry {
    private static final int LONGEST_NAME = 120;
    private static final int MOST_STEPS = 100;
    private final GaugeRepository gauges;
    private final ShopNumbers numbers;
    private final TypedFields fields;
    private final TypedPieces pieces;
    private final Words words;

    GaugeEntry(GaugeRepository gauges, ShopNumbers numbers, TypedFields fields, TypedPieces pieces, Words words) {
        this.numbers = numbers;
        this.gauges = gauges;
        this.fields = fields;
        this.pieces = pieces;
        this.words = words;
    }

    /** @param before the gauge that is changed; empty for a new one */
    GaugeHead understood(TypedGauge typed, Optional<Gauge> before) {
        GaugeKind kind = kind(typed);
        String number = numbers.typed(typed.shopNumber(), before.map(Gauge::shopNumber));
        Optional<Scale> scale = scale(typed, kind);
        LengthUnit unit = unit(typed, scale);
        Range range = range(typed, unit);
        Length base = fields.size("base", typed.base(), unit).orElse(usualBase(scale, range));
        Adds adds = pieces.of(typed.rods(), unit);
        refuseUnlessOnScale(kind, scale, adds.bases(base), range, unit);
        refuseUnlessOfKind(kind, scale, range, unit);
        Optional<Length> step = fields.aboveZero("step", typed.step(), unit, "step-needed");
        Optional<Length> error = fields.size("error", typed.error(), unit);
        if (kind.isBracket() && !kind.isLimitGauge() && step.isEmpty()) {
            throw Refused.field("step", "step-needed", words);
        }
        if (kind.isBracket() && !kind.isForThreads() && error.isEmpty()) {
            throw Refused.field("error", kind.isLimitGauge() ? "limit-gauge-u-needed" : "set-error-needed", words);
        }
        return new GaugeHead(
                number,
                name(typed),
                kind,
                scale,
                unit,
                base,
                adds,
                range,
                step,
                fields.size("spread", typed.spread(), unit),
                error,
                fields.size("reach", typed.reach(), unit),
                allowedSteps(typed),
                typed.switchable(),
                readers(typed, kind, range));
    }

    GaugeKind kind(TypedGauge typed) {
        return GaugeKind.of(typed.kind()).orElseThrow(() -> Refused.field("kind", "no-such-gauge-kind", words));
    }

    Optional<Scale> scale(TypedGauge typed, GaugeKind kind) {
        if (!kind.hasScale()) {
            return Optional.empty();
        }
        Scale scale = Scales.of(typed.scale()).orElseThrow(() -> Refused.field("scale", "scale-needed", words));
        if (!kind.mayBear(scale)) {
            throw Refused.field("scale", "scale-of-another-kind", words);
        }
        return Optional.of(scale);
    }

    /** That of its scale, where it has one. */
    LengthUnit unit(TypedGauge typed, Optional<Scale> scale) {
        return scale.map(Scale::unit).orElseGet(() -> fields.unit(typed.unit()));
    }

    Range range(TypedGauge typed, LengthUnit unit) {
        if (kind(typed).isForThreads()) {
            // Its marks say what it is for.
            return kind(typed).usualRange(unit);
        }
        Length low = fields.size("rangeLow", typed.rangeLow(), unit).orElse(Length.ZERO);
        Length high = fields.size("rangeHigh", typed.rangeHigh(), unit)
                .orElseThrow(() -> Refused.field("rangeHigh", "range-needed", words));
        if (low.compareTo(high) >= 0) {
            throw Refused.field("rangeHigh", "range-upward", words);
        }
        return new Range(low, high);
    }

    private String name(TypedGauge typed) {
        String name = typed.name().strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refused.field("name", "bad-gauge-name", words);
        }
        return name;
    }

    /** A micrometer's frame adds its lower end; a depth head its rod's. */
    private static Length usualBase(Optional<Scale> scale, Range range) {
        return scale.filter(Thimble.class::isInstance).isPresent() ? range.low() : Length.ZERO;
    }

    /** A head has its own travel; a comparator stands wherever it is set, and a slide goes as far as it is long. */
    private void refuseUnlessOnScale(
            GaugeKind kind, Optional<Scale> scale, List<Adds.Base> bases, Range range, LengthUnit unit) {
        if (kind.isComparator()) {
            return;
        }
        Length from = bases.get(0).size();
        Length highest = bases.get(bases.size() - 1).size();
        Length to = scale.filter(Thimble.class::isInstance)
                .map(Thimble.class::cast)
                .map(head -> highest.plus(head.coarse().times((long) head.reach())))
                .orElse(Length.LARGEST_SIZE);
        if (range.low().compareTo(to) >= 0 || range.high().compareTo(from) <= 0) {
            throw fields.refused(
                    "rangeLow",
                    Refusal.of("range-overlaps-nothing").with("from", from).with("to", to),
                    unit);
        }
    }

    private void refuseUnlessOfKind(GaugeKind kind, Optional<Scale> scale, Range range, LengthUnit unit) {
        Length leastCount = scale.map(Scale::leastCount).orElse(Length.ZERO);
        Usage.of(kind, unit, leastCount, range.high()).findFirst().ifPresent(usage -> {
            Length from = usage.from().orElse(Length.ZERO);
            Length to = usage.to().orElse(Length.LARGEST_SIZE);
            if (range.high().compareTo(from) < 0 || range.low().compareTo(to) > 0) {
                throw fields.refused(
                        "rangeLow",
                        Refusal.of("range-not-of-kind").with("from", from).with("to", to),
                        unit);
            }
        });
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

    private List<Long> readers(TypedGauge typed, GaugeKind kind, Range range) {
        if (!kind.isTransfer()) {
            return List.of();
        }
        List<Gauge> able = gauges.findAllByOrderById().stream()
                .map(GaugeRow::gauge)
                .filter(gauge -> gauge.kind().mayRead())
                .toList();
        boolean known = typed.readers().stream().allMatch(id -> able.stream().anyMatch(gauge -> gauge.id() == id));
        if (!known) {
            throw Refused.field("readers", "no-such-reader", words);
        }
        boolean any = able.stream()
                .filter(gauge -> typed.readers().isEmpty() || typed.readers().contains(gauge.id()))
                .anyMatch(gauge -> gauge.range().meets(range));
        if (!any) {
            throw Refused.field("readers", "no-reader", words);
        }
        return typed.readers();
    }
}
