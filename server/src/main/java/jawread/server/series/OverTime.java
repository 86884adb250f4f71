package jawread.server.series;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.assess.Inspection;
import jawread.core.assess.PlaceAssessment;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.ServiceLimit;
import jawread.core.trend.Trend;
import jawread.core.trend.Trend.Point;
import jawread.core.trend.TrendLine;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.judgement.Inspections;
import jawread.server.judgement.Inspections.Inspected;
import jawread.server.series.OverTimeView.BandPointView;
import jawread.server.series.OverTimeView.InspectionView;
import jawread.server.series.OverTimeView.SeriesView;
import jawread.server.series.OverTimeView.TimedFeatureView;
import jawread.server.series.OverTimeView.TimedLimitView;
import jawread.server.series.OverTimeView.TimedPointView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays the inspections of a part along its hours, or along days where nobody counted hours. */
@Service
class OverTime {
    private static final int BAND_POINTS = 24;
    private static final int FORECAST_FIGURES = 3;
    private static final double SECONDS_A_DAY = Duration.ofDays(1).toSeconds();

    private final PlansInForce plans;
    private final Jobs jobs;
    private final Inspections inspections;
    private final Figures figures;
    private final Words words;

    OverTime(PlansInForce plans, Jobs jobs, Inspections inspections, Figures figures, Words words) {
        this.plans = plans;
        this.jobs = jobs;
        this.inspections = inspections;
        this.figures = figures;
        this.words = words;
    }

    /** What is along the scale. */
    private enum Along {
        HOURS,
        DAYS;

        String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A place at an inspection. */
    private record Seen(double x, Instant at, Length size, double expanded, Length step) {}

    /** Of one place, with what was left of it after a cut as a series of its own. */
    private record Key(String place, int series) {}

    /** Refuses an unknown part or feature with 404. */
    @Transactional(readOnly = true)
    OverTimeView of(long partId, long featureId, boolean byDays) {
        Part part = jobs.part(partId);
        Feature feature = plans.judged(part.plan(), plans.featureOf(part, featureId));
        Inspected inspected = inspections.of(part);
        List<Inspection> all = Inspection.ofFeature(feature, inspected.all());
        boolean allCounted = all.stream()
                .allMatch(each -> inspected.partAt(each).runningHours().isPresent());
        Along along = byDays || !allCounted ? Along.DAYS : Along.HOURS;
        LengthUnit unit = part.job().unit();
        return new OverTimeView(
                part.job().id(),
                part.job().name(),
                part.plan().id(),
                part.id(),
                part.name(),
                part.mark(),
                feature.id(),
                feature.name(),
                unit.symbol(),
                jobs.newest(part.plan()).sizes().stream()
                        .map(each -> new TimedFeatureView(each.id(), each.name()))
                        .toList(),
                along.code(),
                words.say("over-time." + (allCounted ? along.code() : "not-counted")),
                limits(feature, unit),
                all.stream().map(each -> view(each, inspected, unit)).toList(),
                series(all, inspected, feature, along, unit));
    }

    private List<TimedLimitView> limits(Feature feature, LengthUnit unit) {
        var planned = feature.planned();
        Length step = feature.limitsStep();
        return Stream.of(
                        planned.limits().flatMap(of -> of.limits().low()).map(low -> limit("low", low, unit, step)),
                        planned.limits().flatMap(of -> of.limits().high()).map(high -> limit("high", high, unit, step)),
                        planned.service()
                                .map(ServiceLimit::length)
                                .map(service -> limit("service", service, unit, step)))
                .flatMap(Optional::stream)
                .toList();
    }

    private TimedLimitView limit(String name, Length size, LengthUnit unit, Length step) {
        return new TimedLimitView(words.say("over-time.limit." + name), figures.reading(size, unit, step));
    }

    private InspectionView view(Inspection each, Inspected inspected, LengthUnit unit) {
        Part part = inspected.partAt(each);
        List<Length> values = each.round().values();
        return new InspectionView(
                each.at(),
                part.runningHours().map(figures::number).orElse(null),
                part.id(),
                part.job().name(),
                words.say(each.isRework() ? "over-time.left" : "over-time.found"),
                each.isRework(),
                inspected.byMark().contains(part.id()),
                values.isEmpty()
                        ? null
                        : figures.computed(
                                Length.meanOf(values),
                                unit,
                                each.feature().feature().limitsStep(),
                                List.of()));
    }

    private List<SeriesView> series(
            List<Inspection> all, Inspected inspected, Feature feature, Along along, LengthUnit unit) {
        var series = new LinkedHashMap<Key, List<Seen>>();
        var cuts = new LinkedHashMap<String, Integer>();
        Optional<Instant> first = all.stream().map(Inspection::at).findFirst();
        for (Inspection inspection : all) {
            double x = along == Along.HOURS
                    ? inspected.partAt(inspection).runningHours().orElseThrow().doubleValue()
                    : Duration.between(first.orElseThrow(), inspection.at()).toSeconds() / SECONDS_A_DAY;
            places(inspection).forEach((name, place) -> {
                if (inspection.isRework()) {
                    cuts.merge(name, 1, Integer::sum);
                }
                series.computeIfAbsent(new Key(name, cuts.getOrDefault(name, 0)), key -> new ArrayList<>())
                        .add(new Seen(
                                x,
                                inspection.at(),
                                place.value().value().orElseThrow(),
                                place.uncertainty().orElseThrow().expanded(),
                                place.resolution().orElse(feature.limitsStep())));
            });
        }
        return series.entrySet().stream()
                .map(each -> view(each.getKey(), each.getValue(), feature, along, unit))
                // What needs the next look soonest stands first; of what nothing is forecast, as the plan has it.
                .sorted(Comparator.comparing(
                        (SeriesView each) -> each.earliest() == null ? Double.MAX_VALUE : each.earliest()))
                .toList();
    }

    private static Map<String, PlaceAssessment> places(Inspection inspection) {
        var places = new LinkedHashMap<String, PlaceAssessment>();
        inspection.round().places().stream()
                .filter(place ->
                        place.value().value().isPresent() && place.uncertainty().isPresent())
                .forEach(place -> places.put(place.place().name(), place));
        return places;
    }

    private SeriesView view(Key key, List<Seen> seen, Feature feature, Along along, LengthUnit unit) {
        String name = key.series() == 0 ? key.place() : words.say("over-time.since-cut", Map.of("place", key.place()));
        Optional<Length> service = feature.planned().service().map(ServiceLimit::length);
        Wears wears = Wears.of(feature.kind());
        List<TimedPointView> points = seen.stream()
                .map(at -> new TimedPointView(
                        at.x(),
                        at.at(),
                        figures.computed(at.size(), unit, at.step(), List.of()),
                        Length.nearest(at.expanded()).picometres()))
                .toList();
        return Trend.of(
                        wears,
                        seen.stream().map(at -> new Point(at.x(), at.size())).toList(),
                        service,
                        // The inspection that is known least.
                        seen.stream().mapToDouble(Seen::expanded).max().orElse(0) / 2)
                .fold(
                        trend -> new SeriesView(
                                name,
                                trend.state().code(),
                                said(trend, service, along, unit, feature.limitsStep()),
                                points,
                                band(trend, seen),
                                orNull(trend.meets()),
                                orNull(trend.earliest()),
                                trend.meets().isPresent()
                                        ? told(trend.meets().getAsDouble(), RoundingMode.HALF_EVEN, along)
                                        : null,
                                trend.earliest().isPresent()
                                        ? told(trend.earliest().getAsDouble(), RoundingMode.DOWN, along)
                                        : null),
                        refusal -> new SeriesView(
                                name, "", words.say(refusal, unit), points, List.of(), null, null, null, null));
    }

    private static Double orNull(OptionalDouble figure) {
        return figure.isPresent() ? figure.getAsDouble() : null;
    }

    private String said(Trend trend, Optional<Length> service, Along along, LengthUnit unit, Length step) {
        String rate = words.say("over-time.rate." + along.code(), Map.of("rate", rate(trend.slope(), along, unit)));
        return switch (trend.state()) {
            case RATE_ONLY -> words.say("over-time.rate-only", Map.of("rate", rate));
            case PAST ->
                words.say(
                        "over-time.past",
                        Map.of(
                                "rate",
                                rate,
                                "service",
                                figures.reading(service.orElseThrow(), unit, step)
                                        .withUnit()));
            case NOT_MEASURABLE ->
                words.say(
                        "over-time.not-measurable",
                        Map.of(
                                "rate",
                                rate,
                                "half",
                                words.say(
                                        "over-time.rate." + along.code(),
                                        Map.of(
                                                "rate",
                                                rate(
                                                        trend.line()
                                                                .map(TrendLine::slopeHalfWidth)
                                                                .orElseThrow(),
                                                        along,
                                                        unit)))));
            case WRONG_WAY -> words.say("over-time.wrong-way", Map.of("rate", rate));
            case WEARING ->
                trend.meets().isEmpty()
                        ? words.say("over-time.wearing.no-limit", Map.of("rate", rate))
                        : words.say(
                                "over-time.wearing",
                                Map.of(
                                        "rate", rate,
                                        "service",
                                                figures.reading(service.orElseThrow(), unit, step)
                                                        .withUnit(),
                                        "meets", told(trend.meets().getAsDouble(), RoundingMode.HALF_EVEN, along),
                                        "earliest", told(trend.earliest().getAsDouble(), RoundingMode.DOWN, along)));
        };
    }

    /** For each thousand hours, or each year: a rate that people can picture. */
    private String rate(double slope, Along along, LengthUnit unit) {
        double times = along == Along.HOURS ? 1000 : 365.25;
        return figures.significant(Length.nearest(Math.abs(slope) * times), unit)
                .withUnit();
    }

    /** To three figures: what is forecast is never better known. */
    private String told(double at, RoundingMode mode, Along along) {
        return words.say(
                "over-time.at." + along.code(),
                Map.of(
                        "at",
                        BigDecimal.valueOf(at)
                                .setScale(0, mode)
                                .round(new MathContext(FORECAST_FIGURES, mode))
                                .toPlainString()));
    }

    /** From the first inspection to where the line meets the limit, or half as far again. */
    private static List<BandPointView> band(Trend trend, List<Seen> seen) {
        return trend.line()
                .map(line -> {
                    double from = seen.get(0).x();
                    double last = seen.get(seen.size() - 1).x();
                    double beyond = last + (last - from) / 2;
                    double to = trend.meets().isPresent()
                            ? Math.min(Math.max(trend.meets().getAsDouble() * 1.03, beyond), last + 4 * (last - from))
                            : beyond;
                    return IntStream.rangeClosed(0, BAND_POINTS)
                            .mapToDouble(i -> from + (to - from) * i / BAND_POINTS)
                            .mapToObj(x -> new BandPointView(
                                    x,
                                    Length.nearest(line.at(x)).picometres(),
                                    Length.nearest(line.band(x)).picometres()))
                            .toList();
                })
                .orElse(List.of());
    }
}
