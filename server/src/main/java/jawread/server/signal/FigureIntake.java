package jawread.server.signal;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.signal.GaugeLine;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Listening;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what gauges send. Nothing is lost that was answered with ok, and nothing is put where nobody said that it belongs. */
@Service
class FigureIntake {
    /** The same count is the same reading, or a slip of the gauge, for so long. */
    static final Duration SAME_WITHIN = Duration.ofMinutes(1);
    /** What was sent before that is of another piece of work. */
    private static final Duration LOOKED_BACK = Duration.ofMinutes(10);

    private final GaugeFigureRepository figures;
    private final FigureRemarks remarks;
    private final Listening listening;
    private final Drawer drawer;
    private final ComparatorSettings settings;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    FigureIntake(
            GaugeFigureRepository figures,
            FigureRemarks remarks,
            Listening listening,
            Drawer drawer,
            ComparatorSettings settings,
            Journal journal,
            Clock clock,
            Words words) {
        this.figures = figures;
        this.remarks = remarks;
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
        return Optional.ofNullable(byNumber().get(number))
                .map(gauge -> Answered.known(gauge.name()))
                .orElseGet(() -> unknown(number));
    }

    private Map<String, Gauge> byNumber() {
        return drawer.all().stream()
                .collect(Collectors.toMap(Gauge::shopNumber, gauge -> gauge, (first, another) -> first));
    }

    private Answered unknown(String number) {
        return no(Refusal.of("gauge-unknown").with("gauge", number), LengthUnit.MILLIMETRE);
    }

    private Answered no(Refusal refusal, LengthUnit unit) {
        return Answered.no(refusal, words.say(refusal, unit));
    }

    /**
     * Keeps all of them that may be kept, in their order, in one writing; the answers are true once it is done.
     *
     * @return an answer for each
     */
    @Transactional
    List<Answered> take(List<Sent> sent) {
        Map<String, Gauge> gauges = byNumber();
        var taking = new Taking();
        List<Answered> answers = sent.stream()
                .map(each -> Optional.ofNullable(gauges.get(each.figure().gauge()))
                        .map(gauge -> taking.answer(each, gauge))
                        .orElseGet(() -> unknown(each.figure().gauge())))
                .toList();
        if (taking.isAnyKept) {
            journal.besides(What.SIGNAL);
        }
        return answers;
    }

    /** What each gauge sent before is read once for all lines of one writing. */
    private final class Taking {
        private final Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        private final Map<Long, List<GaugeFigure>> before = new HashMap<>();
        private boolean isAnyKept;

        private Answered answer(Sent sent, Gauge gauge) {
            List<GaugeFigure> last = before.computeIfAbsent(
                    gauge.id(),
                    id -> new ArrayList<>(figures.findLater(id, now.minus(LOOKED_BACK)).stream()
                            .map(GaugeFigureRow::value)
                            .toList()));
            Optional<GaugeFigure> again =
                    last.stream().filter(each -> isSame(each, sent)).findFirst();
            if (again.isPresent()) {
                return answered(again.get());
            }
            Optional<ComparatorSetting> setting = gauge.kind().isComparator() ? settings.of(gauge) : Optional.empty();
            return refusal(gauge, sent.figure(), setting)
                    .map(refusal -> no(refusal, gauge.unit()))
                    .orElseGet(() -> answered(keep(sent, gauge, last)));
        }

        private boolean isSame(GaugeFigure before, Sent sent) {
            return sent.figure().isCountedAs(before.said())
                    && before.cameAt().isAfter(now.minus(SAME_WITHIN))
                    && before.said().value().equals(sent.figure().value());
        }

        private GaugeFigure keep(Sent sent, Gauge gauge, List<GaugeFigure> last) {
            GaugeLine.Figure said = sent.figure();
            FigureRemarks.Remarks remarked = remarks.of(sent, gauge, last, now);
            Optional<UUID> to = remarked.isAsked() ? Optional.empty() : listening.to(gauge.id());
            var figure = new GaugeFigure(
                    sent.id(),
                    gauge.id(),
                    sent.line(),
                    said,
                    gauge.kind().isComparator() ? said.fromPreset() : said.written(),
                    String.join(" ", remarked.told()),
                    remarked.isAsked(),
                    to,
                    remarks.isClockOff(said, now)
                            ? now
                            : said.flags().at().orElse(now).truncatedTo(ChronoUnit.MILLIS),
                    now);
            figures.save(new GaugeFigureRow(figure));
            last.add(figure);
            isAnyKept = true;
            return figure;
        }
    }

    private static Answered answered(GaugeFigure figure) {
        return figure.offeredTo().isPresent() ? Answered.AT_PLACE : Answered.IN_TRAY;
    }

    private Optional<Refusal> refusal(Gauge gauge, GaugeLine.Figure figure, Optional<ComparatorSetting> setting) {
        if (!gauge.mayMeasure()) {
            return Optional.of(Refusal.of("gauge-may-not")
                    .with("gauge", gauge.shopNumber())
                    .with(
                            "state",
                            words.say("gauge.state." + drawer.stateOf(gauge).code())));
        }
        boolean isComparator = gauge.kind().isComparator();
        if (isComparator && setting.isEmpty()) {
            return Optional.of(Refusal.of("gauge-unset").with("gauge", gauge.shopNumber()));
        }
        if (figure.flags().isZeroed() && !isComparator) {
            return Optional.of(Refusal.of("gauge-zeroed").with("gauge", gauge.shopNumber()));
        }
        return setting.map(ComparatorSetting::size)
                .filter(size -> !figure.isPresetTo(size))
                .map(size -> Refusal.of("gauge-preset")
                        .with("gauge", gauge.shopNumber())
                        .with(
                                "preset",
                                figure.flags().preset().orElseThrow().toPlainString() + " "
                                        + figure.unit().symbol())
                        .with("size", size));
    }
}
