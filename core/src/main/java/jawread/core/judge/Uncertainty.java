package jawread.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import jawread.core.length.Length;

/**
 * How well the value of a place is known (ISO/IEC Guide 98-3): u² = d²/12 + a²/3 + s²/n + (Um/2)² + (L·αp·δT)²/3 + w² + m².
 *
 * @param contributions the largest first, those of zero among them
 * @param placeVariance d²/12 + s²/n in µm²: what is left between places of one feature, where everything else is the same
 */
public record Uncertainty(List<Contribution> contributions, double placeVariance) {
    private static final Comparator<Contribution> LARGEST_FIRST =
            Comparator.comparingDouble(Contribution::variance).reversed();

    public Uncertainty {
        contributions = List.copyOf(contributions);
    }

    /** @param variance in µm² */
    public record Contribution(UncertaintySource source, double variance) {
        /** The standard uncertainty it would make alone, in µm. */
        public double micrometres() {
            return Math.sqrt(variance);
        }
    }

    public static Uncertainty of(MeasuredBy by) {
        double d = by.resolution().micrometres();
        double size = by.size().micrometres();
        double step = d * d / 12;
        double repeat = by.spread()
                        .map(Length::micrometres)
                        .map(s -> Math.max(s * s, step))
                        .orElse(0.0)
                / by.readings();
        double master = by.masterExpanded().micrometres() / 2;
        Warmth warmth = by.warmth();
        var contributions = new ArrayList<>(List.of(
                new Contribution(UncertaintySource.RESOLUTION, by.isComparator() ? 2 * step : step),
                new Contribution(UncertaintySource.GAUGE, by.error().variance()),
                new Contribution(UncertaintySource.REPEAT, repeat),
                new Contribution(UncertaintySource.MASTER, master * master),
                new Contribution(UncertaintySource.TEMPERATURE, warmth.differenceVariance(size)),
                new Contribution(UncertaintySource.EXPANSION, warmth.expansionVariance(size)),
                new Contribution(UncertaintySource.MATERIAL, warmth.materialVariance(size))));
        contributions.sort(LARGEST_FIRST);
        return new Uncertainty(contributions, step + repeat);
    }

    /**
     * What one of several figures brings to a size that is made of them.
     *
     * @param weight how often it counts; below zero where it is taken away
     * @param gauge the number of the one whose scale was read
     */
    public record Share(double weight, Uncertainty of, long gauge) {
        double variance(UncertaintySource source) {
            return weight
                    * weight
                    * of.contributions().stream()
                            .filter(each -> each.source() == source)
                            .mapToDouble(Contribution::variance)
                            .sum();
        }
    }

    /**
     * Of a size that is made of several figures: √(u1² + u2²), each by its weight. What a gauge is off by is in all of its figures alike: where
     * some are taken away from others it cancels for the greater part, and counts once, as the largest of them.
     *
     * @param scatter s of such sizes as it was seen, zero where it was not: they repeat no better than they were seen to
     * @param readings n, at least one
     */
    public static Uncertainty ofSeveral(List<Share> shares, Length scatter, int readings) {
        double seen = scatter.micrometres() * scatter.micrometres() / readings;
        var contributions = new ArrayList<Contribution>();
        for (UncertaintySource source : UncertaintySource.values()) {
            double sum =
                    shares.stream().mapToDouble(share -> share.variance(source)).sum();
            contributions.add(new Contribution(
                    source,
                    switch (source) {
                        case GAUGE -> ofGauges(shares);
                        case REPEAT -> Math.max(sum, seen);
                        default -> sum;
                    }));
        }
        contributions.sort(LARGEST_FIRST);
        return new Uncertainty(
                contributions,
                contributions.stream()
                        .filter(each -> each.source() == UncertaintySource.RESOLUTION
                                || each.source() == UncertaintySource.REPEAT)
                        .mapToDouble(Contribution::variance)
                        .sum());
    }

    private static double ofGauges(List<Share> shares) {
        return shares.stream().collect(Collectors.groupingBy(Share::gauge)).values().stream()
                .mapToDouble(same -> {
                    DoubleStream each = same.stream().mapToDouble(share -> share.variance(UncertaintySource.GAUGE));
                    boolean isCancelled = same.stream().anyMatch(share -> share.weight() < 0)
                            && same.stream().anyMatch(share -> share.weight() > 0);
                    return isCancelled ? each.max().orElse(0) : each.sum();
                })
                .sum();
    }

    /** u, in µm. */
    public double standard() {
        double variance = 0;
        for (Contribution each : contributions) {
            variance += each.variance();
        }
        return Math.sqrt(variance);
    }

    /** U = 2u, in µm. */
    public double expanded() {
        return 2 * standard();
    }

    /** u_place, in µm. */
    public double place() {
        return Math.sqrt(placeVariance);
    }

    /** u_diff = √2·u_place, of a difference of two places, in µm. */
    public double difference() {
        return Math.sqrt(2 * placeVariance);
    }

    /** The largest single contribution; empty when the two largest are equal. */
    public Optional<UncertaintySource> largest() {
        Contribution first = contributions.get(0);
        return first.variance() > contributions.get(1).variance() ? Optional.of(first.source()) : Optional.empty();
    }
}
