package jawread.server.report;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.stream.LongStream;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.paper.Svg;
import jawread.server.words.LengthText;

/** The zone between the limits, low left; each place a tick, the value that decides a bold one with as far as it may be off beside it. */
final class WindowDrawing {
    private static final double WIDTH = 336;
    private static final double HEIGHT = 96;
    private static final double MARGIN = 74;
    private static final double WIDE = 62;
    /** So many zones beside the window are drawn to scale; what lies farther out is drawn at the margin, past a break. */
    private static final int MOST_BESIDE = 4;

    private final double from;
    private final double to;

    private WindowDrawing(double from, double to) {
        this.from = from;
        this.to = to;
    }

    static String of(FeatureView feature, JudgedFeatureView judged) {
        LengthText low = feature.limits().low();
        LengthText high = feature.limits().high();
        LengthText service = feature.service();
        LengthText value = judged.value();
        long[] stated = limits(low, high, service);
        if (stated.length == 0) {
            return "";
        }
        double least = LongStream.of(stated).min().orElseThrow();
        double most = LongStream.of(stated).max().orElseThrow();
        double beside = most > least ? MOST_BESIDE * (most - least) : Double.MAX_VALUE;
        double smallest = least;
        double largest = most;
        for (LengthText size : judged.sizes()) {
            smallest = Math.min(smallest, size.pm());
            largest = Math.max(largest, size.pm());
        }
        if (value != null && judged.expanded() != null) {
            smallest = Math.min(smallest, value.pm() - judged.expanded().pm());
            largest = Math.max(largest, value.pm() + judged.expanded().pm());
        }
        return new WindowDrawing(Math.max(smallest, least - beside), Math.min(largest, most + beside))
                .drawn(low, high, service, judged.sizes(), value, judged.expanded());
    }

    private static long[] limits(LengthText... each) {
        return java.util.Arrays.stream(each)
                .filter(java.util.Objects::nonNull)
                .mapToLong(LengthText::pm)
                .toArray();
    }

    private double at(double pm) {
        double kept = Math.min(Math.max(pm, from), to);
        return MARGIN + (kept - from) * (WIDTH - 2 * MARGIN) / (to > from ? to - from : 1);
    }

    private String drawn(
            @Nullable LengthText low,
            @Nullable LengthText high,
            @Nullable LengthText service,
            List<LengthText> sizes,
            @Nullable LengthText value,
            @Nullable LengthText expanded) {
        double left = low == null ? 0 : at(low.pm());
        double right = high == null ? WIDTH : at(high.pm());
        Svg svg = Svg.sized(WIDTH, HEIGHT, WIDE)
                .area(left, 36, right - left, 26, Svg.METAL)
                .line(0, 62, WIDTH, 62, Svg.LINE, 2);
        if (service != null) {
            boolean isLow = at(service.pm()) < left;
            svg.line(at(service.pm()), 28, at(service.pm()), 68, Svg.INK, 4)
                    .text(isLow ? 0 : WIDTH, 88, isLow ? "start" : "end", 17, service.text());
        }
        if (low != null && (service == null || low.pm() != service.pm())) {
            svg.path(bracket(left, 9), Svg.INK, 3).text(left, 88, "end", 17, low.text());
        }
        if (high != null && (service == null || high.pm() != service.pm())) {
            svg.path(bracket(right, -9), Svg.INK, 3).text(right, 88, "start", 17, high.text());
        }
        for (LengthText size : sizes) {
            svg.line(at(size.pm()), 42, at(size.pm()), 62, Svg.QUIET, 2);
        }
        if (value != null) {
            double x = at(value.pm());
            svg.line(x, 28, x, 68, Svg.INK, 5)
                    .text(Math.min(Math.max(x, 46), WIDTH - 46), 20, "middle", 19, value.text());
            if (value.pm() < from || value.pm() > to) {
                double gap = (x + (x > right ? right : left)) / 2;
                svg.path(
                        "M" + Svg.point(gap - 6, 70) + "L" + Svg.point(gap, 54) + "M" + Svg.point(gap, 70) + "L"
                                + Svg.point(gap + 6, 54),
                        Svg.QUIET,
                        2);
            } else if (expanded != null) {
                svg.line(at(value.pm() - expanded.pm()), 49, at(value.pm() + expanded.pm()), 49, Svg.INK, 2.5);
            }
        }
        return svg.drawn();
    }

    private static String bracket(double x, double hook) {
        return "M" + Svg.point(x + hook, 34) + "L" + Svg.point(x, 34) + "L" + Svg.point(x, 64) + "L"
                + Svg.point(x + hook, 64);
    }
}
