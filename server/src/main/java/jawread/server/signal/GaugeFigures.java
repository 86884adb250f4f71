package jawread.server.signal;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.signal.Flags;
import jawread.core.signal.GaugeLine;
import jawread.core.signal.Holding;
import jawread.core.signal.Holding.Held;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Listening;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what gauges send. Nothing is lost that was answered with ok, and nothing is put where nobody said that it belongs. */
@Service
public class GaugeFigures {
    /** The same count with the same figure is the same reading for so long. */
    private static final Duration SAME_WITHIN = Duration.ofMinutes(1);
    /** What was sent before that is of another piece of work. */
    private static final Duration LOOKED_BACK = Duration.ofMinutes(10);
    /** A gauge's clock that is farther off than this is told of, and not believed. */
    private static final Duration CLOCKS_APART = Duration.ofMinutes(2);

    private final GaugeFigureRepository figures;
    private final GaugeFigureAsideRepository asides;
    private final Listening listening;
    private final Drawer drawer;
    private final ComparatorSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    GaugeFigures(
            GaugeFigureRepository figures,
            GaugeFigureAsideRepository asides,
            Listening listening,
            Drawer drawer,
            ComparatorSettings settings,
            Journal journal,
            Clock clock,
            Words words) {
        this.figures = figures;
        this.asides = asides;
        this.listening = listening;
        this.drawer = drawer;
        this.settings = settings;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /** Whether a gauge of this number is the shop's, and its name. */
    @Transactional(readOnly = true)
    Answered hello(String number) {
        return named(number)
                .map(gauge -> Answered.known(gauge.name()))
                .orElseGet(() -> no(unknown(number), LengthUnit.MILLIMETRE));
    }

    /**
     * Keeps all of them that may be kept, in their order, in one writing; the answers are true once it is done.
     *
     * @return an answer for each
     */
    @Transactional
    List<Answered> take(List<Sent> sent) {
        Map<String, Gauge> gauges = drawer.all().stream()
                .collect(Collectors.toMap(Gauge::shopNumber, gauge -> gauge, (first, another) -> first));
        var taking = new Taking();
        List<Answered> answers = sent.stream()
                .map(each -> taking.answer(
                        each, Optional.ofNullable(gauges.get(each.figure().gauge()))))
                .toList();
        if (taking.isAnyKept) {
            journal.besides(What.SIGNAL);
        }
        return answers;
    }

    private Optional<Gauge> named(String number) {
        return drawer.all().stream()
                .filter(gauge -> gauge.shopNumber().equals(number))
                .findFirst();
    }

    private static Refusal unknown(String number) {
        return Refusal.of("gauge-unknown").with("gauge", number);
    }

    private Answered no(Refusal refusal, LengthUnit unit) {
        return Answered.no(refusal, words.say(refusal, unit));
    }

    /** What was sent by each gauge before, read once for all lines of one writing. */
    private final class Taking {
        private final Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        private final Map<Long, List<GaugeFigure>> before = new HashMap<>();
        private boolean isAnyKept;

        private Answered answer(Sent sent, Optional<Gauge> known) {
            if (known.isEmpty()) {
                return no(unknown(sent.figure().gauge()), sent.figure().unit());
            }
            Gauge gauge = known.get();
            List<GaugeFigure> last = before.computeIfAbsent(
                    gauge.id(),
                    id -> new ArrayList<>(figures.findLater(id, now.minus(LOOKED_BACK)).stream()
                            .map(GaugeFigureRow::value)
                            .toList()));
            Optional<GaugeFigure> again =
                    last.stream().filter(each -> isSame(each, sent)).findFirst();
            if (again.isPresent()) {
                return again.get().offeredTo().isPresent() ? Answered.AT_PLACE : Answered.IN_TRAY;
            }
            Optional<ComparatorSetting> setting = gauge.kind().isComparator() ? settings.of(gauge) : Optional.empty();
            return refusal(gauge, sent.figure(), setting)
                    .map(refusal -> no(refusal, gauge.unit()))
                    .orElseGet(() -> keep(sent, gauge, setting, last));
        }

        private boolean isSame(GaugeFigure before, Sent sent) {
            Flags flags = sent.figure().flags();
            return flags.count().isPresent()
                    && flags.count().equals(before.flags().count())
                    && before.cameAt().isAfter(now.minus(SAME_WITHIN))
                    && figureIn(before.line()).value().equals(sent.figure().value());
        }

        private Answered keep(Sent sent, Gauge gauge, Optional<ComparatorSetting> setting, List<GaugeFigure> last) {
            Flags flags = sent.figure().flags();
            List<String> told = new ArrayList<>();
            boolean isUnsure = unsure(sent, gauge, setting, last, told);
            boolean isLateOrEarly = flags.at()
                    .filter(at -> Duration.between(at, now).abs().compareTo(CLOCKS_APART) > 0)
                    .isPresent();
            if (isLateOrEarly) {
                told.add(words.say(
                        "signal.clock",
                        Map.of(
                                "minutes",
                                Duration.between(flags.at().orElseThrow(), now)
                                        .abs()
                                        .toMinutes())));
            }
            last.stream()
                    .reduce((earlier, later) -> later)
                    .map(each -> figureIn(each.line()).unit())
                    .filter(unit -> unit != sent.figure().unit())
                    .ifPresent(unit -> told.add(words.say(
                            "signal.unit-switched",
                            Map.of(
                                    "gauge", gauge.shopNumber(),
                                    "now", sent.figure().unit().symbol(),
                                    "before", unit.symbol()))));
            if (flags.isCellLow()) {
                told.add(words.say("signal.cell", Map.of("gauge", gauge.shopNumber())));
            }
            flags.light()
                    .ifPresent(light ->
                            told.add(words.say("signal.light." + light.name().toLowerCase(Locale.ROOT))));
            boolean isHeldLong = Holding.isAskedAbout(
                    last.stream()
                            .map(each -> new Held(each.flags(), each.cameAt()))
                            .toList(),
                    new Held(flags, now));
            if (isHeldLong) {
                told.add(
                        flags.heldFor().isPresent()
                                ? words.say(
                                        "signal.held",
                                        Map.of("seconds", flags.heldFor().get().toSeconds()))
                                : words.say("signal.held-again"));
            }
            Optional<UUID> to = isUnsure || isHeldLong ? Optional.empty() : listening.to(gauge.id());
            var figure = new GaugeFigure(
                    sent.id(),
                    gauge.id(),
                    sent.line(),
                    readIn(sent.figure(), setting),
                    flags,
                    String.join(" ", told),
                    isHeldLong || isUnsure,
                    to,
                    isLateOrEarly ? now : flags.at().orElse(now).truncatedTo(ChronoUnit.MILLIS),
                    now);
            figures.save(new GaugeFigureRow(figure));
            last.add(figure);
            isAnyKept = true;
            return to.isPresent() ? Answered.AT_PLACE : Answered.IN_TRAY;
        }

        /** Whether only a person can say what it is; why is told. */
        private boolean unsure(
                Sent sent,
                Gauge gauge,
                Optional<ComparatorSetting> setting,
                List<GaugeFigure> last,
                List<String> told) {
            int before = told.size();
            if (!sent.isAlone()) {
                told.add(words.say("signal.two-speak", Map.of("gauge", gauge.shopNumber())));
            }
            last.stream()
                    .filter(each -> each.cameAt().isAfter(now.minus(SAME_WITHIN)))
                    .filter(each -> each.flags().count().isPresent()
                            && each.flags().count().equals(sent.figure().flags().count()))
                    .findFirst()
                    .ifPresent(each -> told.add(words.say(
                            "signal.count-again",
                            Map.of("count", each.flags().count().getAsLong(), "figure", each.figure()))));
            if (setting.isEmpty()
                    && !gauge.kind().isComparator()
                    && !reaches(gauge, sent.figure().value())) {
                boolean isOtherUnit = reaches(
                        gauge,
                        Length.of(
                                new BigDecimal(sent.figure().text()),
                                sent.figure().unit().other()));
                told.add(words.say(
                        isOtherUnit ? "signal.other-unit" : "signal.out-of-reach",
                        Map.of(
                                "gauge",
                                gauge.shopNumber(),
                                "low",
                                gauge.range().low(),
                                "high",
                                gauge.range().high()),
                        gauge.unit()));
            }
            return told.size() > before;
        }
    }

    /** Its ends may be passed by what its zero is off. */
    private static boolean reaches(Gauge gauge, Length value) {
        Length over = gauge.leastCount().times(5);
        return value.compareTo(gauge.range().low().minus(over)) >= 0
                && value.compareTo(gauge.range().high().plus(over)) <= 0;
    }

    private Optional<Refusal> refusal(Gauge gauge, GaugeLine.Figure figure, Optional<ComparatorSetting> setting) {
        Refusal by = Refusal.of("gauge-may-not").with("gauge", gauge.shopNumber());
        if (!gauge.mayMeasure()) {
            return Optional.of(by.with(
                    "state", words.say("gauge.state." + drawer.stateOf(gauge).code())));
        }
        if (gauge.kind().isComparator() && setting.isEmpty()) {
            return Optional.of(Refusal.of("gauge-unset").with("gauge", gauge.shopNumber()));
        }
        if (figure.flags().isZeroed() && !gauge.kind().isComparator()) {
            return Optional.of(Refusal.of("gauge-zeroed").with("gauge", gauge.shopNumber()));
        }
        return setting.filter(set -> figure.flags().preset().isPresent())
                .filter(set -> !isPresetTo(figure, set.size()))
                .map(set -> Refusal.of("gauge-preset")
                        .with("gauge", gauge.shopNumber())
                        .with(
                                "preset",
                                figure.flags().preset().orElseThrow().toPlainString() + " "
                                        + figure.unit().symbol())
                        .with("size", set.size()));
    }

    /** To the digits that the preset was written with. */
    private static boolean isPresetTo(GaugeLine.Figure figure, Length size) {
        BigDecimal preset = figure.flags().preset().orElseThrow();
        return size.in(figure.unit())
                        .setScale(Math.max(0, preset.scale()), RoundingMode.HALF_EVEN)
                        .compareTo(preset)
                == 0;
    }

    /** A comparator that shows sizes by its preset is read as its needle: how far it is from what it was set to. */
    private static String readIn(GaugeLine.Figure figure, Optional<ComparatorSetting> setting) {
        String unit = " " + figure.unit().symbol();
        if (setting.isEmpty()) {
            return figure.text() + unit;
        }
        BigDecimal shown = new BigDecimal(figure.text());
        BigDecimal off = figure.flags().preset().map(shown::subtract).orElse(shown);
        return (off.signum() < 0 ? "" : "+") + off.toPlainString() + unit;
    }

    private static GaugeLine.Figure figureIn(String line) {
        return (GaugeLine.Figure) GaugeLine.parse(line).orThrow();
    }

    /** What nobody has taken for a reading, or set aside, in their order; of very many the last 200. */
    @Transactional(readOnly = true)
    public List<GaugeFigure> waiting() {
        return figures.findWaiting().stream()
                .map(GaugeFigureRow::value)
                .sorted(Comparator.comparing(GaugeFigure::cameAt))
                .toList();
    }

    /** What is to be looked at in it, in sentences; empty where there is nothing, and of what no gauge sent. */
    @Transactional(readOnly = true)
    public String told(UUID id) {
        return sent(id).map(GaugeFigure::told).orElse("");
    }

    /** Empty where no gauge sent it. */
    @Transactional(readOnly = true)
    public Optional<GaugeFigure> sent(UUID id) {
        return figures.findById(id).map(GaugeFigureRow::value);
    }

    /** It was no reading; once, however often it is said. Refuses one that was never sent with 404. */
    @Transactional
    void setAside(UUID id, String reason, Person person) {
        GaugeFigure figure = sent(id).orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-figure", words.say("problem.no-such-figure")));
        if (!asides.existsByFigureId(figure.id())) {
            asides.save(new GaugeFigureAsideRow(figure.id(), reason.strip(), person, clock.instant()));
            journal.besides(What.SIGNAL);
        }
    }
}
