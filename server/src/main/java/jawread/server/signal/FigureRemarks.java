package jawread.server.signal;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.signal.Flags;
import jawread.core.signal.GaugeLine;
import jawread.core.signal.Holding;
import jawread.core.signal.Holding.Held;
import jawread.server.drawer.Gauge;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What is to be looked at in a figure that a gauge sent, in sentences. */
@Component
class FigureRemarks {
    /** A gauge's clock that is farther off than this is told of, and not believed. */
    private static final Duration CLOCKS_APART = Duration.ofMinutes(2);
    /** The ends of its range may be passed by so many of its steps: its zero may be off. */
    private static final int STEPS_BEYOND = 5;

    private final Words words;

    FigureRemarks(Words words) {
        this.words = words;
    }

    /** @param isAsked whether only a person can say that it is the size */
    record Remarks(List<String> told, boolean isAsked) {}

    /** @param last what the same gauge sent before, the last one last */
    Remarks of(Sent sent, Gauge gauge, List<GaugeFigure> last, Instant now) {
        List<String> told = new ArrayList<>();
        if (!sent.isAlone()) {
            told.add(words.say("signal.two-speak", Map.of("gauge", gauge.shopNumber())));
        }
        countAgain(sent.figure(), last, now).ifPresent(told::add);
        outOfReach(sent.figure(), gauge).ifPresent(told::add);
        heldLong(sent.figure().flags(), last, now).ifPresent(told::add);
        boolean isAsked = !told.isEmpty();
        if (isClockOff(sent.figure(), now)) {
            told.add(words.say(
                    "signal.clock",
                    Map.of(
                            "minutes",
                            apart(sent.figure().flags().at().orElseThrow(), now).toMinutes())));
        }
        switched(sent.figure().unit(), gauge, last).ifPresent(told::add);
        if (sent.figure().flags().isCellLow()) {
            told.add(words.say("signal.cell", Map.of("gauge", gauge.shopNumber())));
        }
        sent.figure()
                .flags()
                .light()
                .ifPresent(light ->
                        told.add(words.say("signal.light." + light.name().toLowerCase(Locale.ROOT))));
        return new Remarks(List.copyOf(told), isAsked);
    }

    boolean isClockOff(GaugeLine.Figure figure, Instant now) {
        return figure.flags()
                .at()
                .filter(at -> apart(at, now).compareTo(CLOCKS_APART) > 0)
                .isPresent();
    }

    private static Duration apart(Instant one, Instant other) {
        return Duration.between(one, other).abs();
    }

    private Optional<String> countAgain(GaugeLine.Figure figure, List<GaugeFigure> last, Instant now) {
        return last.stream()
                .filter(each -> each.cameAt().isAfter(now.minus(FigureIntake.SAME_WITHIN)))
                .filter(each -> figure.isCountedAs(each.said()))
                .findFirst()
                .map(each -> words.say(
                        "signal.count-again",
                        Map.of("count", figure.flags().count().getAsLong(), "figure", each.figure())));
    }

    /** Of a comparator only its needle's travel is known, and that is held against it when it is read in. */
    private Optional<String> outOfReach(GaugeLine.Figure figure, Gauge gauge) {
        if (gauge.kind().isComparator()) {
            return Optional.empty();
        }
        Length beyond = gauge.leastCount().times(STEPS_BEYOND);
        if (gauge.range().reaches(figure.value(), beyond)) {
            return Optional.empty();
        }
        boolean isOtherUnit = gauge.range().reaches(figure.inOtherUnit(), beyond);
        return Optional.of(words.say(
                isOtherUnit ? "signal.other-unit" : "signal.out-of-reach",
                Map.of(
                        "gauge", gauge.shopNumber(),
                        "low", gauge.range().low(),
                        "high", gauge.range().high()),
                gauge.unit()));
    }

    private Optional<String> heldLong(Flags flags, List<GaugeFigure> last, Instant now) {
        List<Held> before =
                last.stream().map(each -> new Held(each.flags(), each.cameAt())).toList();
        if (!Holding.isAskedAbout(before, new Held(flags, now))) {
            return Optional.empty();
        }
        return Optional.of(flags.heldFor()
                .map(time -> words.say("signal.held", Map.of("seconds", time.toSeconds())))
                .orElseGet(() -> words.say("signal.held-again")));
    }

    private Optional<String> switched(LengthUnit now, Gauge gauge, List<GaugeFigure> last) {
        return last.stream()
                .reduce((earlier, later) -> later)
                .map(each -> each.said().unit())
                .filter(unit -> unit != now)
                .map(unit -> words.say(
                        "signal.unit-switched",
                        Map.of("gauge", gauge.shopNumber(), "now", now.symbol(), "before", unit.symbol())));
    }
}
