package jawread.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.doubt.Finding;
import jawread.core.doubt.References;
import jawread.core.judge.CriticalRange;
import jawread.core.judge.Demand;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Misread;
import jawread.core.misread.Reference;
import jawread.core.misread.Slip;
import jawread.core.misread.Slips;
import jawread.core.misread.TrueReading;
import jawread.core.scale.Comparator;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;

/**
 * 10 000 measuring jobs with honest spread, one in five with a slip of the catalogue: how many slips are found, how many are named, and
 * how often an honest reading is doubted. Four places of one feature, each read twice, a third time where the two differ or are in doubt; with and
 * without a quick check of every place by a caliper. Of the slips one in four is made the same way in both readings of its place.
 */
public final class SlipSimulation {
    private static final int JOBS = 10_000;
    private static final int PLACES = 4;
    private static final long SEED = 20_260_309;
    private static final Warmth SHOP = Warmth.unmeasured(11.5e-6, 11.5e-6, 1, 5);

    /** How likely each slip is beside the others that the scale allows at that setting. */
    private static final Map<Slip, Integer> WEIGHTS = new EnumMap<>(Map.ofEntries(
            Map.entry(Slip.NEXT_LINE, 20),
            Map.entry(Slip.MISSED_LINE, 14),
            Map.entry(Slip.MISSED_HALF, 12),
            Map.entry(Slip.SLIDE_EDGE, 4),
            Map.entry(Slip.WRONG_FIGURE, 10),
            Map.entry(Slip.BASE_FORGOTTEN, 5),
            Map.entry(Slip.BASE_TWICE, 2),
            Map.entry(Slip.REVERSED, 8),
            Map.entry(Slip.THIMBLE_MIRRORED, 6),
            Map.entry(Slip.SENSE_FLIPPED, 10),
            Map.entry(Slip.GRADUATION_VALUE, 6),
            Map.entry(Slip.LOST_TURN, 5),
            Map.entry(Slip.FINE_FIGURE, 5),
            Map.entry(Slip.FINE_LEFT_OUT, 4),
            Map.entry(Slip.UNIT, 3),
            Map.entry(Slip.DECIMAL_PLACE, 4),
            Map.entry(Slip.SWAPPED_DIGITS, 8),
            Map.entry(Slip.NEIGHBOUR, 6)));

    /** A gauge with its starting values. @param base of the frame, or what a comparator was set to */
    private record Gauge(String scaleId, String base, String spread, String error, String master, FeatureKind kind) {
        Scale scale() {
            return Scales.of(scaleId).orElseThrow();
        }

        Length length(String figure) {
            return Length.of(new BigDecimal(figure), scale().unit());
        }

        Length expanded(Length size) {
            var by = new MeasuredBy(
                    scale() instanceof Comparator,
                    scale().leastCount(),
                    new GaugeError.Permitted(length(error)),
                    Optional.of(length(spread)),
                    1,
                    length(master),
                    size,
                    SHOP);
            return Length.nearest(Uncertainty.of(by).expanded());
        }
    }

    private static final List<Gauge> GAUGES = List.of(
            new Gauge("mic-mm-001", "25", "0.004", "0.005", "0", FeatureKind.OUTSIDE),
            new Gauge("mic-mm-0001", "0", "0.0015", "0.0045", "0", FeatureKind.OUTSIDE),
            new Gauge("mic-in-001", "1", "0.0003", "0.0002", "0", FeatureKind.OUTSIDE),
            new Gauge("mic-in-0001", "1", "0.00006", "0.00019", "0", FeatureKind.OUTSIDE),
            new Gauge("depth-in-001", "1", "0.0002", "0.00024", "0", FeatureKind.DEPTH),
            new Gauge("depth-mm-001", "25", "0.005", "0.006", "0", FeatureKind.DEPTH),
            new Gauge("vernier-mm-002", "0", "0.010", "0.02", "0", FeatureKind.OUTSIDE),
            new Gauge("vernier-mm-005", "0", "0.010", "0.02", "0", FeatureKind.OUTSIDE),
            new Gauge("vernier-in-001", "0", "0.0005", "0.001", "0", FeatureKind.OUTSIDE),
            new Gauge("dial-mm-002", "0", "0.010", "0.02", "0", FeatureKind.OUTSIDE),
            new Gauge("bore-dial-mm-001", "60", "0.004", "0.008", "0.003", FeatureKind.BORE),
            new Gauge("bore-dial-in-0005", "2.5", "0.00015", "0.0003", "0.0001", FeatureKind.BORE));

    /** Of the shop: a caliper of the gauge's own unit. */
    private static Gauge caliper(Gauge beside) {
        boolean inch = beside.scale().unit() == LengthUnit.INCH;
        boolean inside = beside.kind() == FeatureKind.BORE;
        return inch
                ? new Gauge(
                        "vernier-in-001",
                        "0",
                        inside ? "0.001" : "0.0005",
                        inside ? "0.0015" : "0.001",
                        "0",
                        beside.kind())
                : new Gauge(
                        "vernier-mm-002", "0", inside ? "0.02" : "0.01", inside ? "0.03" : "0.02", "0", beside.kind());
    }

    /** @param slip made here; empty for an honest one */
    private record Read(KeptReading kept, Optional<Misread> slip, Length honest) {}

    private static final class Tally {
        int made;
        int flagged;
        int named;
        int large;
        int largeFlagged;
        int largeNamed;
    }

    private final SplittableRandom random;
    private final boolean quickCheck;
    private final Map<Slip, Tally> once = new EnumMap<>(Slip.class);
    private final Map<Slip, Tally> repeated = new EnumMap<>(Slip.class);
    private long honest;
    private long falseAlarms;

    private SlipSimulation(boolean quickCheck) {
        this.random = new SplittableRandom(SEED);
        this.quickCheck = quickCheck;
    }

    public static void main(String[] arguments) {
        for (boolean quickCheck : List.of(false, true)) {
            var simulation = new SlipSimulation(quickCheck);
            for (int job = 0; job < JOBS; job++) {
                simulation.measure(job);
            }
            simulation.print();
        }
    }

    private void measure(int job) {
        Gauge gauge = GAUGES.get(job % GAUGES.size());
        Scale scale = gauge.scale();
        Length base = gauge.length(gauge.base());
        Length nominal = nominal(gauge, base);
        Length own = gauge.expanded(nominal);
        Length width = own.times(4 + random.nextInt(17));
        Limits limits = Limits.of(nominal.minus(width.half()), nominal.plus(width.half()));
        Demand demand = Demand.of(gauge.kind(), limits);
        Length part = nominal.plus(Length.nearest((random.nextDouble() - 0.5) * 1.2 * width.micrometres()));
        int slipAt = job % 5 == 0 ? random.nextInt(PLACES) : -1;
        boolean bothTimes = slipAt >= 0 && random.nextInt(4) == 0;
        List<Length> values = new ArrayList<>();
        for (int place = 0; place < PLACES; place++) {
            Length size = part.plus(Length.nearest((random.nextDouble() - 0.5) * 0.3 * width.micrometres()));
            List<Read> reads = new ArrayList<>();
            Optional<Misread> slip = Optional.empty();
            for (int i = 0; i < 2; i++) {
                Length shown = shown(gauge, base, size);
                boolean slips = place == slipAt && (i == 0 || bothTimes);
                if (slips) {
                    slip = slip.flatMap(first -> sameAgain(scale, base, shown, first))
                            .or(() -> pick(scale, base, shown));
                }
                reads.add(read(scale, base, shown, slips ? slip : Optional.empty()));
            }
            Optional<Length> quick =
                    quickCheck ? Optional.of(shown(caliper(gauge), Length.ZERO, size)) : Optional.empty();
            Judged two = judge(gauge, reads, quick, values, demand, limits, own);
            Judged judged = two;
            if (two.isAsking()) {
                reads.add(read(scale, base, shown(gauge, base, size), Optional.empty()));
                judged = judge(gauge, reads, quick, values, demand, limits, own);
            }
            count(reads, two, judged, bothTimes);
            values.add(Length.medianOf(reads.stream().map(Read::honest).toList()));
        }
    }

    /** @param bands of the widest reference that disagrees, by reading */
    private record Judged(List<Optional<Finding>> findings, List<Length> bands, boolean apart) {
        boolean isAsking() {
            return apart || findings.stream().anyMatch(Optional::isPresent);
        }
    }

    private Judged judge(
            Gauge gauge,
            List<Read> reads,
            Optional<Length> quick,
            List<Length> places,
            Demand demand,
            Limits limits,
            Length own) {
        List<Length> all = reads.stream().map(read -> read.kept().read()).toList();
        Length range = CriticalRange.of(
                all.size(), gauge.length(gauge.spread()), gauge.scale().leastCount());
        List<Optional<Finding>> findings = new ArrayList<>();
        List<Length> bands = new ArrayList<>();
        for (int i = 0; i < reads.size(); i++) {
            int at = i;
            List<Reference> references = Stream.of(
                            quick.map(size ->
                                    References.quick(size, caliper(gauge).expanded(size), own)),
                            Optional.of(References.repeats(all, at, range)),
                            References.beside(places)
                                    .map(beside -> References.places(
                                            beside,
                                            Optional.empty(),
                                            Optional.of(limits),
                                            gauge.length(gauge.spread()),
                                            own)),
                            References.drawing(demand, own))
                    .flatMap(Optional::stream)
                    .toList();
            findings.add(Finding.of(reads.get(i).kept(), references));
            bands.add(references.get(0).band());
        }
        return new Judged(findings, bands, Length.spreadOf(all).compareTo(range) > 0);
    }

    /** @param two as it stood after two readings: an alarm then is one, whatever the third said */
    private void count(List<Read> reads, Judged two, Judged judged, boolean bothTimes) {
        boolean slippedHere = reads.stream().anyMatch(read -> read.slip().isPresent());
        for (int i = 0; i < reads.size(); i++) {
            Read read = reads.get(i);
            Optional<Finding> finding = judged.findings().get(i);
            if (read.slip().isEmpty()) {
                // Beside a slip both are one finding: that is no false alarm.
                if (!slippedHere) {
                    honest++;
                    boolean wasDoubted = i < 2 && two.findings().get(i).isPresent();
                    falseAlarms += finding.isPresent() || wasDoubted ? 1 : 0;
                }
                continue;
            }
            Slip slip = read.slip().get().slip();
            Tally tally = (bothTimes ? repeated : once).computeIfAbsent(slip, any -> new Tally());
            boolean isLarge = read.kept()
                            .read()
                            .minus(read.honest())
                            .abs()
                            .compareTo(judged.bands().get(i).times(3))
                    > 0;
            boolean isNamed = finding.flatMap(Finding::named)
                    .filter(named -> named.slip() == slip)
                    .isPresent();
            tally.made++;
            tally.flagged += finding.isPresent() ? 1 : 0;
            tally.named += isNamed ? 1 : 0;
            tally.large += isLarge ? 1 : 0;
            tally.largeFlagged += isLarge && finding.isPresent() ? 1 : 0;
            tally.largeNamed += isLarge && isNamed ? 1 : 0;
        }
    }

    private Length nominal(Gauge gauge, Length base) {
        Scale scale = gauge.scale();
        boolean inch = scale.unit() == LengthUnit.INCH;
        if (scale instanceof Comparator) {
            return base;
        }
        double span = inch ? 0.9 : base.isZero() && scale.leastCount().micrometres() > 5 ? 120 : 22;
        double least = base.isZero() ? (inch ? 0.3 : 6) : 0.05 * span;
        return base.plus(Length.nearest((least + random.nextDouble() * (span - least))
                * scale.unit().whole().micrometres()));
    }

    /** What an honest hand finds: the size with its spread, to the least count. */
    private Length shown(Gauge gauge, Length base, Length size) {
        double s = gauge.length(gauge.spread()).micrometres();
        long least = gauge.scale().leastCount().picometres();
        long read = size.plus(Length.nearest(normal() * s)).picometres();
        return Length.ofPicometres(base.picometres() + Math.round((read - base.picometres()) / (double) least) * least);
    }

    private double normal() {
        return Math.sqrt(-2 * Math.log(1 - random.nextDouble())) * Math.cos(2 * Math.PI * random.nextDouble());
    }

    private static Optional<TrueReading> here(Scale scale, Length base, Length shown) {
        return scale.set(base, Optional.of(Sense.SHRINKS), shown)
                .fold(
                        set -> {
                            Parts parts = set.shown().parts();
                            return Optional.of(TrueReading.of(scale, base, parts));
                        },
                        refusal -> Optional.empty());
    }

    private static List<Misread> slipsAt(Scale scale, Length base, Length shown) {
        return here(scale, base, shown).stream()
                .flatMap(Slips::madeAt)
                .filter(slip -> slip.read().compareTo(Length.ZERO) > 0)
                .filter(slip -> !slip.read().equals(shown))
                .toList();
    }

    private Optional<Misread> pick(Scale scale, Length base, Length shown) {
        List<Misread> can = slipsAt(scale, base, shown);
        List<Slip> kinds = can.stream().map(Misread::slip).distinct().toList();
        int all = kinds.stream().mapToInt(WEIGHTS::get).sum();
        int drawn = all == 0 ? 0 : random.nextInt(all);
        for (Slip kind : kinds) {
            drawn -= WEIGHTS.get(kind);
            if (drawn < 0) {
                List<Misread> ways =
                        can.stream().filter(slip -> slip.slip() == kind).toList();
                return Optional.of(ways.get(random.nextInt(ways.size())));
            }
        }
        return Optional.empty();
    }

    private static Optional<Misread> sameAgain(Scale scale, Length base, Length shown, Misread first) {
        return slipsAt(scale, base, shown).stream()
                .filter(slip -> slip.slip() == first.slip() && slip.variant().equals(first.variant()))
                .findFirst();
    }

    /** Typed, as most are. */
    private static Read read(Scale scale, Length base, Length shown, Optional<Misread> slip) {
        Length figure = slip.map(Misread::read).orElse(shown);
        int decimals = Math.max(
                0, scale.leastCount().in(scale.unit()).stripTrailingZeros().scale());
        String typed = figure.in(scale.unit())
                .setScale(decimals, RoundingMode.HALF_EVEN)
                .toPlainString();
        Length kept = Length.of(new BigDecimal(typed), scale.unit());
        return new Read(new KeptReading(scale, base, kept, Optional.of(typed), scale.unit()), slip, shown);
    }

    private void print() {
        System.out.printf(
                "%n%s: false alarms %d of %d honest readings, %.2f %%%n%n",
                quickCheck ? "With a quick check of each place" : "Without quick checks, two repeats a place",
                falseAlarms,
                honest,
                100.0 * falseAlarms / honest);
        System.out.println(
                "| slip | weight | made | flagged | named | over three bands | flagged | named | same slip twice | flagged | named |");
        System.out.println("|---|---|---|---|---|---|---|---|---|---|---|");
        IntStream.range(0, Slip.values().length)
                .mapToObj(i -> Slip.values()[i])
                .filter(slip -> once.containsKey(slip) || repeated.containsKey(slip))
                .forEach(slip -> row(
                        slip.code(),
                        String.valueOf(WEIGHTS.get(slip)),
                        once.getOrDefault(slip, new Tally()),
                        repeated.getOrDefault(slip, new Tally())));
        row("**all**", "", sum(once), sum(repeated));
    }

    private static void row(String name, String weight, Tally one, Tally twice) {
        System.out.printf(
                "| %s | %s | %d | %s | %s | %d | %s | %s | %d | %s | %s |%n",
                name,
                weight,
                one.made,
                share(one.flagged, one.made),
                share(one.named, one.made),
                one.large,
                share(one.largeFlagged, one.large),
                share(one.largeNamed, one.large),
                twice.made,
                share(twice.flagged, twice.made),
                share(twice.named, twice.made));
    }

    private static String share(int some, int of) {
        return of == 0 ? "\u2013" : "%.1f %%".formatted(100.0 * some / of);
    }

    private static Tally sum(Map<Slip, Tally> of) {
        var all = new Tally();
        of.values().forEach(each -> {
            all.made += each.made;
            all.flagged += each.flagged;
            all.named += each.named;
            all.large += each.large;
            all.largeFlagged += each.largeFlagged;
            all.largeNamed += each.largeNamed;
        });
        return all;
    }
}
