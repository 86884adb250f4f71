package jawread.server.measure;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.gauge.Adds;
import jawread.core.gauge.LimitTry;
import jawread.core.gauge.SettingMasters;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;
import jawread.core.limit.FeatureKind;
import jawread.core.scale.AsRead;
import jawread.core.scale.Comparator;
import jawread.core.scale.Scale;
import jawread.core.scale.Sense;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.Methods;
import jawread.server.measure.Read.RestsOn;
import jawread.server.scale.ScaleWords;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What was read off a gauge: as a typed figure, by the parts of its scale, or between the pin that goes and the one that stops. */
@Component
class ReadOff {
    private final Words words;
    private final ScaleWords scaleWords;

    ReadOff(Words words, ScaleWords scaleWords) {
        this.words = words;
        this.scaleWords = scaleWords;
    }

    /**
     * What was typed look by look, {@code 6 2 21 6}, is a reading by the scale; any other stays as it is. Refuses with 422 looks that this scale
     * does not have.
     *
     * @param gauge whose scale it was
     */
    KeepReading byLooks(KeepReading asked, Gauge gauge) {
        if (asked.typed().isEmpty() || !gauge.hasScale()) {
            return asked;
        }
        var eye = AsRead.of(gauge.scale(), asked.base().orElse(gauge.base()));
        return eye.typed(asked.typed().get())
                .map(looks -> looks.fold(asked::asRead, refusal -> {
                    throw Refused.field("typed", refusal, scaleWords.refused(refusal, eye));
                }))
                .orElse(asked);
    }

    /**
     * Refuses with 422 a figure or parts that cannot be understood, a sum that differs from the one made here, and a needle's
     * reading that does not rest on how it is set.
     *
     * @param method whose scale it was
     * @param kind of the feature: a plug goes into what a ring goes over
     */
    Read of(KeepReading asked, GaugeAndReader method, FeatureKind kind, Optional<ComparatorSetting> setting) {
        Gauge gauge = method.read();
        if (method.onMaster()) {
            return onMaster(asked, gauge, kind, setting);
        }
        if (gauge.kind().isLimitGauge()) {
            return byItsEnds(asked, gauge, kind);
        }
        if (gauge.kind().isBracket()) {
            return betweenPins(asked, gauge);
        }
        return plain(asked, gauge, kind, setting);
    }

    /** The master's real size and how far the screw has travelled from what it showed there. */
    private Read onMaster(KeepReading asked, Gauge gauge, FeatureKind kind, Optional<ComparatorSetting> setting) {
        ComparatorSetting set = setting.filter(of -> of.shown().isPresent()).orElseThrow(() -> notSet(gauge));
        Read shown = plain(asked, gauge, kind, Optional.empty());
        Length travel = shown.value().minus(set.shown().orElseThrow());
        Length most = SettingMasters.travel(Methods.atHand(gauge));
        if (travel.abs().compareTo(most) > 0) {
            var refusal = Refusal.of("far-from-master")
                    .with("gauge", gauge.shopNumber())
                    .with("size", set.size())
                    .with("off", travel.abs())
                    .with("most", most);
            throw Refused.field("typed", refusal, words.say(refusal, gauge.unit()));
        }
        return Read.of(
                set.size().plus(travel),
                shown.resolution(),
                shown.unit(),
                RestsOn.of(shown.rests().base(), setting));
    }

    private Read plain(KeepReading asked, Gauge gauge, FeatureKind kind, Optional<ComparatorSetting> setting) {
        Scale scale = gauge.scale();
        LengthUnit unit = scale.unit();
        if (asked.typed().isPresent() == asked.parts().isPresent()
                || asked.stops().isPresent()) {
            throw Refused.field("typed", "typed-or-parts", words);
        }
        if (gauge.kind().isComparator() && setting.isEmpty()) {
            throw notSet(gauge);
        }
        Read read = asked.typed()
                .map(text -> accepted("typed", unit, pointed(text, gauge, typed(text, unit, setting))))
                .orElseGet(() -> byScale(asked, gauge, kind, setting));
        setting.filter(set -> gauge.kind().isComparator()).ifPresent(set -> refuseUnlessNear(read, gauge, set));
        return read;
    }

    /** What lies beyond its needle was not read on it as it is set. */
    private void refuseUnlessNear(Read read, Gauge gauge, ComparatorSetting set) {
        Length most = SettingMasters.reads(Methods.atHand(gauge), gauge.scale());
        if (read.value().minus(set.size()).abs().compareTo(most) > 0) {
            var refusal = Refusal.of("set-for-another")
                    .with("gauge", gauge.shopNumber())
                    .with("size", set.size())
                    .with("most", most)
                    .with("read", read.value());
            throw Refused.field("gauge", refusal, words.say(refusal, gauge.unit()));
        }
    }

    /** The set's own step is what its pins are apart; their bracket is as wide as it is. */
    private Read betweenPins(KeepReading asked, Gauge gauge) {
        LengthUnit unit = gauge.unit();
        TypedLength goes = pin("typed", asked.typed(), unit);
        TypedLength stops = pin("stops", asked.stops(), unit);
        if (goes.length().compareTo(stops.length()) >= 0) {
            throw Refused.field("stops", "pins-other-way", words);
        }
        var pins = new Bracket(goes.length(), stops.length());
        Length finer = goes.resolution().compareTo(stops.resolution()) < 0 ? goes.resolution() : stops.resolution();
        return Read.of(pins.value(), finer, unit, RestsOn.of(pins));
    }

    /** As the ends of a go and no-go gauge did: that is typed in a word. */
    private Read byItsEnds(KeepReading asked, Gauge gauge, FeatureKind kind) {
        LimitTry tried = asked.typed()
                .flatMap(text -> LimitTry.of(text.strip()))
                .orElseThrow(() -> Refused.field("typed", "not-a-try", words));
        Bracket within = tried.within(kind == FeatureKind.OUTSIDE, gauge.range());
        Length usual = gauge.unit().isInch() ? Length.ofInches("0.0001") : LengthUnit.MICROMETRE.whole();
        return Read.of(within.value(), usual, gauge.unit(), RestsOn.of(within));
    }

    private TypedLength pin(String field, Optional<String> typed, LengthUnit unit) {
        String text = typed.orElseThrow(() -> Refused.field(field, "two-pins", words));
        return TypedLength.parse(text, unit, Kind.SIZE).fold(pin -> pin, refusal -> {
            throw Refused.field(field, refusal, words.say(refusal, unit));
        });
    }

    /** A figure far beyond any size was typed without its point: where that stood is told by what the gauge reaches. */
    private static Outcome<Read> pointed(String text, Gauge gauge, Outcome<Read> read) {
        return read.fold(Outcome::of, refusal -> {
            if (!refusal.code().equals("too-large") || !text.strip().matches("\\d+")) {
                return Outcome.refused(refusal);
            }
            return IntStream.rangeClosed(1, text.strip().length() - 1)
                    .mapToObj(by -> Length.of(new BigDecimal(text.strip()).movePointLeft(by), gauge.unit()))
                    .filter(gauge.range()::covers)
                    .findFirst()
                    .map(meant -> Outcome.<Read>refused(Refusal.of("no-point").with("meant", meant)))
                    .orElse(Outcome.refused(refusal));
        });
    }

    private static Outcome<Read> typed(String text, LengthUnit unit, Optional<ComparatorSetting> setting) {
        return TypedLength.parse(text, unit, Kind.SIZE)
                .map(typed -> Read.of(
                        typed.length(),
                        typed.resolution(),
                        typed.unit().isInch() ? LengthUnit.INCH : LengthUnit.MILLIMETRE,
                        RestsOn.of(Optional.empty(), setting)));
    }

    private Read byScale(KeepReading asked, Gauge gauge, FeatureKind kind, Optional<ComparatorSetting> setting) {
        Scale scale = gauge.scale();
        setting.filter(set -> gauge.kind().isComparator()).ifPresent(set -> refuseUnlessSetSo(asked, gauge, set));
        Length base = setting.map(ComparatorSetting::size).or(asked::base).orElse(gauge.base());
        if (setting.isEmpty()) {
            refuseUnlessOfGauge(base, gauge, kind);
        }
        Read read = accepted(
                "parts",
                scale.unit(),
                scale.read(base, asked.parts().orElseThrow())
                        .map(reading -> Read.of(
                                reading.value(),
                                scale.leastCount(),
                                scale.unit(),
                                RestsOn.of(Optional.of(base), setting))));
        asked.sum().filter(sum -> !sum.equals(read.value())).ifPresent(sum -> {
            var refusal = Refusal.of("sum-differs").with("here", read.value()).with("there", sum);
            throw Refused.field("pm", refusal, words.say(refusal, scale.unit()));
        });
        return read;
    }

    private void refuseUnlessOfGauge(Length base, Gauge gauge, FeatureKind kind) {
        Adds.Base made = gauge.made().stream()
                .filter(each -> each.size().equals(base))
                .findFirst()
                .orElseThrow(() -> Refused.field("base", "base-not-of-gauge", words));
        if (made.isInsideOnly(gauge.kind()) && !kind.isHole()) {
            throw Refused.field("base", "nibs-inside", words);
        }
    }

    /** A needle says nothing until it is known from what size, and which way. */
    private void refuseUnlessSetSo(KeepReading asked, Gauge gauge, ComparatorSetting set) {
        boolean isOfIt = asked.base().stream().allMatch(set.size()::equals)
                && asked.parts().orElseThrow().count(Comparator.SENSE).stream()
                        .allMatch(sense -> Sense.ofSign(sense).equals(Optional.of(set.sense())));
        if (!isOfIt) {
            var refusal =
                    Refusal.of("set-anew").with("gauge", gauge.shopNumber()).with("size", set.size());
            throw Refused.field("base", refusal, words.say(refusal, gauge.unit()));
        }
    }

    private Refused notSet(Gauge gauge) {
        var refusal = Refusal.of("not-set").with("gauge", gauge.shopNumber());
        return Refused.field("gauge", refusal, words.say(refusal, gauge.unit()));
    }

    private Read accepted(String field, LengthUnit unit, Outcome<Read> outcome) {
        return outcome.fold(read -> read, refusal -> {
            throw Refused.field(field, refusal, words.say(refusal, unit));
        });
    }
}
