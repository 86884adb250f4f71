package jawread.server.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.FeatureLog;
import jawread.core.assess.Instrument;
import jawread.core.assess.Instruments;
import jawread.core.assess.MadeOf;
import jawread.core.assess.MadeOf.Piece;
import jawread.core.assess.Origin;
import jawread.core.assess.Place;
import jawread.core.assess.Reading;
import jawread.core.assess.Reading.Moved;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.SetTo;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.LimitTry;
import jawread.core.judge.Bracket;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.AsRead;
import jawread.core.scale.ScaleReading;
import jawread.server.access.People;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.BaseWords;
import jawread.server.drawer.GaugeView.LineView;
import jawread.server.job.Jobs;
import jawread.server.job.PlansInForce;
import jawread.server.judgement.SheetView.ReadingView;
import jawread.server.judgement.SheetView.SaidView;
import jawread.server.scale.ScaleReadingView.AddendView;
import jawread.server.scale.ScaleWords;
import jawread.server.signal.GaugeFigures;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts a reading into figures and words: its size, its sum, what was said of it since. */
@Component
class ReadingWords {
    private static final String BETWEEN = " \u2026 ";
    private static final Kind<UUID, ReadingView> TOLD = Kind.small("reading told");

    private final Snapshots snapshots;
    private final GaugeFigures signals;
    private final Jobs jobs;
    private final PlansInForce plans;
    private final ComparatorSettings settings;
    private final People people;
    private final Words words;
    private final Figures figures;
    private final ScaleWords scaleWords;
    private final BaseWords bases;

    ReadingWords(
            Snapshots snapshots,
            GaugeFigures signals,
            Jobs jobs,
            PlansInForce plans,
            ComparatorSettings settings,
            People people,
            Words words,
            Figures figures,
            BaseWords bases,
            ScaleWords scaleWords) {
        this.snapshots = snapshots;
        this.signals = signals;
        this.jobs = jobs;
        this.plans = plans;
        this.settings = settings;
        this.people = people;
        this.bases = bases;
        this.scaleWords = scaleWords;
        this.words = words;
        this.figures = figures;
    }

    /** A reading that nothing was said of since is for ever what it was: it is put into words once. */
    ReadingView of(Reading reading, FeatureAssessment of) {
        FeatureLog log = of.log();
        boolean isMoved = reading.entry().moved().isPresent();
        if (isMoved || !log.marksOf(reading).isEmpty() || !log.swapsOf(reading).isEmpty()) {
            return view(reading, of);
        }
        return snapshots.of(TOLD, reading.id(), restsOn(reading), () -> view(reading, of));
    }

    /** It names its people and its gauges; one of a comparator also what that was set on, which may be a master. */
    private static List<Subject> restsOn(Reading reading) {
        return reading.setting().isPresent() || reading.made().isPresent()
                ? List.of(Subject.SHOP, Subject.DRAWER)
                : Stream.concat(Stream.of(Subject.SHOP), reading.gauges().map(Subject::gauge))
                        .toList();
    }

    private ReadingView view(Reading reading, FeatureAssessment of) {
        FeatureLog log = of.log();
        Instruments instruments = of.of().conditions().instruments();
        Instrument read = instruments.readOn(reading);
        List<SaidView> notes = Stream.of(
                        reading.entry().moved().stream().map(this::said),
                        log.marksOf(reading).stream()
                                .filter(mark -> mark.kind() != ReadingMark.Kind.STRIKE)
                                .map(mark -> said(mark, reading, log)),
                        log.swapsOf(reading).stream()
                                .map(swap -> new SaidView(
                                        words.say(
                                                "reading.swapped",
                                                Map.of(
                                                        "place", takenAt(reading, of),
                                                        "reason", swap.reason())),
                                        people.nameOf(swap.person()),
                                        swap.madeAt())))
                .flatMap(each -> each)
                .toList();
        return new ReadingView(
                reading.id(),
                reading.seq(),
                size(reading, read),
                reading.origin().code(),
                byScale(reading, read).map(ScaleReading::estimated).orElse(false),
                addends(reading, read, instruments),
                instruments.number(reading),
                people.nameOf(reading.person()),
                reading.takenAt(),
                log.strikeOf(reading).map(said -> SaidView.of(said, people)).orElse(null),
                notes,
                setting(reading).orElse(null),
                reading.pins().map(tried -> between(tried, reading, read)).orElse(null),
                pressed(reading).orElse(null),
                remark(reading, read, instruments.number(reading)).orElse(null));
    }

    /** Of a figure whose last digits alone were typed, these and the head. */
    private Optional<String> pressed(Reading reading) {
        return reading.entry()
                .pressed()
                .map(last -> words.say(
                        "reading.pressed",
                        Map.of(
                                "pressed",
                                last,
                                "head",
                                reading.typed()
                                        .map(all -> all.substring(0, all.length() - last.length()))
                                        .orElse(""))));
    }

    /** What was tried, and what it did. */
    private String between(Bracket tried, Reading reading, Instrument read) {
        String low = figures.exactly(tried.low(), reading.unit());
        String high = figures.exactly(tried.high(), reading.unit());
        return read.gauge().kind().isLimitGauge()
                ? words.say(
                        "reading.limits." + reading.typed().orElse(LimitTry.GOES.code()),
                        tried.isOpen()
                                ? Map.of("end", figures.exactly(tried.value(), reading.unit()))
                                : Map.of("low", low, "high", high))
                : words.say("reading.pins", Map.of("goes", low, "stops", high));
    }

    private SaidView said(Moved moved) {
        return new SaidView(
                words.say(
                        "reading.moved",
                        Map.of(
                                "part", plans.part(moved.part()).name(),
                                "place", jobs.calledOf(moved.place()),
                                "reason", moved.reason())),
                people.nameOf(moved.person()),
                moved.at());
    }

    /** A note as it is; what was answered to a doubt says what was done. */
    private SaidView said(ReadingMark mark, Reading reading, FeatureLog log) {
        if (mark.kind() == ReadingMark.Kind.NOTE) {
            return SaidView.of(mark, people);
        }
        String was = figures.reading(log.asKept(reading).raw(), reading.unit(), reading.resolution())
                .withUnit();
        return new SaidView(
                words.say("reading." + mark.kind().code(), Map.of("was", was, "reason", mark.reason())),
                people.nameOf(mark.person()),
                mark.madeAt());
    }

    /** As it was read; brought to 20 °C it is a computed figure, with a place more. */
    private LengthText size(Reading reading, Instrument read) {
        if (read.gauge().kind().isLimitGauge()) {
            return tried(reading, reading.pins().orElseThrow());
        }
        return reading.thermal().isZero() && reading.pins().isEmpty()
                ? figures.reading(reading.value(), reading.unit(), reading.resolution())
                : figures.computed(reading.value(), reading.unit(), reading.resolution(), List.of());
    }

    /** Of a limit gauge: between which two sizes the part lies, or beyond which. */
    private LengthText tried(Reading reading, Bracket tried) {
        LengthText end = figures.reading(tried.value(), reading.unit(), reading.resolution());
        if (tried.isOpen()) {
            String sign = tried.isOpenBelow() ? "< " : "> ";
            return new LengthText(end.pm(), sign + end.text(), end.unit(), sign + end.other());
        }
        LengthText low = figures.reading(tried.low(), reading.unit(), reading.resolution());
        LengthText high = figures.reading(tried.high(), reading.unit(), reading.resolution());
        return new LengthText(
                end.pm(), low.text() + BETWEEN + high.text(), end.unit(), low.other() + BETWEEN + high.other());
    }

    /** What the place is called where it was taken, before it was put right. */
    private static String takenAt(Reading reading, FeatureAssessment of) {
        return of.feature().places(of.part()).stream()
                .filter(place -> place.key().equals(reading.place()))
                .map(Place::name)
                .findFirst()
                .orElse("");
    }

    private Optional<String> setting(Reading reading) {
        return reading.setting()
                .flatMap(set -> settings.byIds(List.of(set.id())).stream().findFirst())
                .map(setting -> words.say(
                        "reading.setting",
                        Map.of(
                                "size", figures.exactly(setting.size(), reading.unit()),
                                "on", setting.on(),
                                "person", people.nameOf(setting.person()))));
    }

    private List<AddendView> addends(Reading reading, Instrument read, Instruments all) {
        if (reading.made().isPresent()) {
            return figures(reading.made().get(), all);
        }
        Optional<SetTo> near = reading.setting().filter(set -> set.shown().isPresent());
        if (near.isPresent()) {
            Length travel = reading.raw().minus(near.get().size());
            return List.of(addend("master", near.get().size(), reading), addend("travel", travel, reading));
        }
        return byScale(reading, read)
                .map(sum -> scaleWords.addends(
                        AsRead.of(read.scale().orElseThrow(), reading.base(read)),
                        reading.parts().orElseThrow(),
                        sum))
                .map(lines -> pieceByPiece(lines, reading, read))
                .orElseGet(List::of);
    }

    /** A line for each figure that it was made of, by name and with its gauge. */
    private List<AddendView> figures(MadeOf made, Instruments all) {
        return IntStream.range(0, made.pieces().size())
                .mapToObj(i -> {
                    Piece piece = made.pieces().get(i);
                    return new AddendView(
                            "figure",
                            words.say(
                                    "made.figure",
                                    Map.of(
                                            "figure",
                                                    words.say(
                                                            "made." + made.way().code() + "." + (i + 1)),
                                            "gauge", all.number(piece.with()))),
                            figures.reading(
                                            piece.raw(),
                                            piece.figure().unit(),
                                            piece.figure().resolution())
                                    .text());
                })
                .toList();
    }

    /** What the gauge stood on is a line for each piece of it. */
    private List<AddendView> pieceByPiece(List<AddendView> lines, Reading reading, Instrument read) {
        List<LineView> pieces = read.made(reading.base(read))
                .filter(made -> reading.setting().isEmpty() && !made.of().isEmpty())
                .map(made -> bases.lines(made, read.scale(), read.gauge().unit()))
                .orElse(List.of());
        return pieces.isEmpty()
                ? lines
                : lines.stream()
                        .flatMap(line -> line.part().equals(ScaleReading.BASE)
                                ? pieces.stream()
                                        .map(piece -> new AddendView(
                                                ScaleReading.BASE,
                                                piece.label(),
                                                piece.size().text()))
                                : Stream.of(line))
                        .toList();
    }

    private AddendView addend(String part, Length length, Reading reading) {
        return new AddendView(
                part,
                words.say("reading.sum." + part),
                figures.reading(length, reading.unit(), reading.resolution()).text());
    }

    /** The sum it was made of; empty for one that was typed. */
    private static Optional<ScaleReading> byScale(Reading reading, Instrument read) {
        return reading.parts()
                .map(parts -> read.scale()
                        .orElseThrow()
                        .read(reading.base(read), parts)
                        .orThrow());
    }

    /** Kept all the same: a figure is stored first and looked at after. */
    private Optional<String> remark(Reading reading, Instrument read, String number) {
        var remarks = new ArrayList<String>();
        if (!reading.correction().isZero()) {
            remarks.add(words.say(
                    reading.made().isPresent() ? "remark.corrected.made" : "remark.corrected",
                    Map.of(
                            "gauge", number,
                            "raw",
                                    figures.reading(reading.raw(), reading.unit(), reading.resolution())
                                            .withUnit(),
                            "error", figures.exactly(Length.ZERO.minus(reading.correction()), reading.unit()))));
        }
        if (!reading.thermal().isZero()) {
            remarks.add(words.say(
                    "remark.at-twenty",
                    Map.of(
                            "raw",
                            figures.reading(
                                            reading.raw().plus(reading.correction()),
                                            reading.unit(),
                                            reading.resolution())
                                    .withUnit(),
                            "part",
                            reading.warmth()
                                    .map(of -> figures.number(of.part()))
                                    .orElse(""),
                            "correction",
                            figures.rounded(reading.thermal(), reading.unit(), finest(reading)))));
        }
        if (reading.wasDue()) {
            remarks.add(words.say("remark.was-due", Map.of("gauge", number)));
        }
        if (reading.pins().isEmpty() && reading.made().isEmpty()) {
            remark(read.gauge(), reading.raw(), reading.leastCount()).ifPresent(remarks::add);
        }
        if (reading.origin() == Origin.GAUGE || reading.origin() == Origin.SIMULATED) {
            remarks.add(signals.told(reading.id()));
        }
        return Optional.of(String.join(" ", remarks).strip()).filter(said -> !said.isEmpty());
    }

    /** A digit more than was read: a correction is smaller than what it corrects. */
    private static Length finest(Reading reading) {
        return reading.resolution().dividedBy(10);
    }

    /** What to look at again in a size read with a gauge; empty when nothing is odd. */
    Optional<String> remark(GaugeAtHand gauge, Length size, Length leastCount) {
        LengthUnit unit = gauge.unit();
        var remarks = new ArrayList<String>();
        if (!gauge.range().covers(size)) {
            remarks.add(words.say(
                    "remark.outside-range",
                    Map.of(
                            "gauge", gauge.number(),
                            "low", figures.exactly(gauge.range().low(), unit),
                            "high", figures.exactly(gauge.range().high(), unit))));
        }
        if (!leastCount.isZero() && size.picometres() % leastCount.picometres() != 0) {
            remarks.add(words.say(
                    "remark.finer-than-gauge",
                    Map.of("gauge", gauge.number(), "step", figures.exactly(leastCount, unit))));
        }
        return remarks.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", remarks));
    }
}
