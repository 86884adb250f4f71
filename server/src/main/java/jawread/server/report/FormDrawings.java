package jawread.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import jawread.server.form.FormPictureView;
import jawread.server.form.FormPictureView.AroundView;
import jawread.server.form.FormPictureView.DownView;
import jawread.server.form.FormPictureView.EllipseView;
import jawread.server.form.FormPictureView.KeptClearView;
import jawread.server.form.FormPictureView.LevelView;
import jawread.server.form.FormPictureView.WallView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.paper.Block.Picture;
import jawread.server.paper.Svg;
import jawread.server.words.LengthText;

/** The sections of a feature as one looks into them, and its walls down the depth; deviations magnified by a factor that is printed. */
final class FormDrawings {
    private static final double SIZE = 300;
    private static final double MIDDLE = SIZE / 2;
    private static final double WIDE = 42;
    /** Where the base size is drawn around, and as far as anything may lie from it. */
    private static final double RADIUS = 92;

    private static final double REACH = 42;
    private static final double TOP = 34;
    private static final double BOTTOM = SIZE - 14;
    /** Where the walls stand at the base size. */
    private static final double WALL = 78;

    private static final double LETTERS = 14;
    /** How broad a letter is at most, of how high it stands. */
    private static final double BROAD = 0.62;

    private static final String DASHED = "7 5";
    private static final String CHAIN = "12 4 2 4";
    private static final long MOST_TIMES = 100_000;

    /** A limit as it is drawn: of new dashed, of service a chain line. */
    private record Limit(double pm, String dash) {}

    private final FormPictureView picture;
    private final List<Limit> limits;
    private final double base;
    private final long factor;

    FormDrawings(FormPictureView picture, FeatureView feature) {
        this.picture = picture;
        List<LengthText> asNew = Stream.of(
                        feature.limits().low(), feature.limits().high())
                .filter(java.util.Objects::nonNull)
                .toList();
        this.limits = Stream.concat(
                        asNew.stream().map(limit -> new Limit(limit.pm(), DASHED)),
                        Stream.ofNullable(feature.service()).map(limit -> new Limit(limit.pm(), CHAIN)))
                .toList();
        List<Long> sizes = picture.walls().stream()
                .flatMap(wall -> wall.points().stream())
                .map(point -> point.size().pm())
                .toList();
        this.base = asNew.isEmpty()
                ? sizes.stream().mapToLong(Long::longValue).average().orElse(1)
                : asNew.stream().mapToLong(LengthText::pm).average().orElseThrow();
        double farthest = Stream.concat(
                        limits.stream().map(Limit::pm), sizes.stream().map(Long::doubleValue))
                .mapToDouble(pm -> Math.abs(pm - base))
                .max()
                .orElse(1);
        this.factor = factorFor(Math.max(farthest, 1) / 2, RADIUS / (base / 2));
    }

    /** The largest of 1, 2, 5, 10 … that keeps a deviation within reach. */
    static long factorFor(double deviation, double perPicometre) {
        double wanted = REACH / Math.max(deviation * perPicometre, 1e-12);
        long decade = 1;
        while (decade * 10 <= wanted && decade < MOST_TIMES) {
            decade *= 10;
        }
        long best = 1;
        for (int step : new int[] {1, 2, 5}) {
            best = step * decade <= wanted ? step * decade : best;
        }
        return Math.min(best, MOST_TIMES);
    }

    List<Picture> all() {
        var all = new ArrayList<Picture>();
        if (picture.round()) {
            picture.levels()
                    .forEach(level -> all.add(new Picture(round(level), level.name() + ": " + level.sentence())));
        }
        picture.walls().stream()
                .filter(wall -> !wall.points().isEmpty())
                .forEach(wall -> all.add(new Picture(side(wall), wall.axis() + ": " + wall.sentence())));
        return all;
    }

    private String times() {
        return "× " + String.format(Locale.ROOT, "%,d", factor).replace(",", " ");
    }

    private double off(double at, double pm) {
        return at + (pm - base) / 2 * (at / (base / 2)) * factor;
    }

    /** Angles go against the clock from the right, as on a protractor. */
    private static String at(double degrees, double radius) {
        double turned = Math.toRadians(degrees);
        return Svg.point(MIDDLE + radius * Math.cos(turned), MIDDLE - radius * Math.sin(turned));
    }

    private String round(LevelView level) {
        Svg svg = Svg.sized(SIZE, SIZE, WIDE);
        EllipseView ellipse = level.ellipse();
        String shape = ellipse == null
                ? ""
                : OutlineDrawing.around(
                        MIDDLE,
                        turned -> off(
                                RADIUS,
                                ellipse.meanPm()
                                        + ellipse.cosinePm() * Math.cos(2 * turned)
                                        + ellipse.sinePm() * Math.sin(2 * turned)));
        if (ellipse != null) {
            svg.filled(picture.hollow() ? "M0 0H300V300H0Z" + shape : shape, Svg.METAL);
        }
        for (AroundView point : level.points()) {
            double degrees = point.degrees().doubleValue();
            svg.path("M" + at(degrees, 132) + "L" + at(degrees + 180, 132), Svg.LINE, 1.2);
        }
        limits.forEach(limit -> {
            double radius = off(RADIUS, limit.pm());
            if (radius > 4) {
                svg.circle(MIDDLE, MIDDLE, radius, Svg.INK, 1.8, limit.dash());
            }
        });
        if (ellipse != null) {
            svg.path(shape, Svg.INK, 3);
        }
        if (ellipse != null && level.longAxis() != null) {
            arrow(svg, level.longAxis(), off(RADIUS, ellipse.meanPm()) - 12);
        }
        for (AroundView point : level.points()) {
            double degrees = Math.toRadians(point.degrees().doubleValue());
            double radius = off(RADIUS, point.size().pm());
            for (int sign : new int[] {1, -1}) {
                svg.dot(MIDDLE + sign * radius * Math.cos(degrees), MIDDLE - sign * radius * Math.sin(degrees), 5);
            }
            named(svg, point);
        }
        // Below: what the axes are called stands along the upper half.
        return svg.text(6, SIZE - 8, "start", 17, level.name())
                .text(SIZE - 6, SIZE - 8, "end", 15, times())
                .drawn();
    }

    /** Where the axis meets the rim first, going round from the right. */
    private static void named(Svg svg, AroundView point) {
        double turned = Math.toRadians(point.degrees().doubleValue());
        double x = MIDDLE + 141 * Math.cos(turned);
        double y = MIDDLE - 141 * Math.sin(turned);
        String anchor = Math.abs(x - MIDDLE) < 40 ? "middle" : x > MIDDLE ? "end" : "start";
        double across = switch (anchor) {
            case "end" -> SIZE - 4;
            case "start" -> 4;
            default -> x;
        };
        if (anchor.equals("middle")) {
            svg.text(across, Math.max(y + 4, 15), anchor, LETTERS, point.axis());
            return;
        }
        // A rim that is drawn far out runs through here.
        double wide = point.axis().length() * LETTERS * BROAD;
        svg.area(anchor.equals("end") ? across - wide : across, y - 22, wide, 16, Svg.PAPER)
                .text(across, y - 9, anchor, LETTERS, point.axis());
    }

    private static void arrow(Svg svg, double degrees, double reach) {
        svg.path("M" + at(degrees, reach) + "L" + at(degrees + 180, reach), Svg.INK, 1.6);
        for (double end : new double[] {degrees, degrees + 180}) {
            for (int turn : new int[] {-3, 3}) {
                svg.path("M" + at(end, reach) + "L" + at(end + turn, reach - 11), Svg.INK, 1.6);
            }
        }
    }

    private String side(WallView wall) {
        List<DownView> points = wall.points();
        boolean isKnown = points.stream().allMatch(point -> point.depthPm() != null);
        double deepest = points.stream()
                .mapToDouble(point -> point.depthPm() == null ? 0 : point.depthPm())
                .max()
                .orElse(0);
        double span = isKnown ? (picture.lengthPm() == null ? deepest * 1.1 : picture.lengthPm()) : points.size() - 1.0;
        DoubleUnaryOperator y = depth -> TOP + depth / (span > 0 ? span : 1) * (BOTTOM - TOP);
        double[] down = new double[points.size()];
        double[] out = new double[points.size()];
        for (int i = 0; i < down.length; i++) {
            Long depth = points.get(i).depthPm();
            down[i] = y.applyAsDouble(isKnown && depth != null ? depth : i);
            out[i] = off(WALL, points.get(i).size().pm());
        }
        Svg svg = Svg.sized(SIZE, SIZE, WIDE);
        for (int sign : new int[] {1, -1}) {
            double edge = picture.hollow() ? MIDDLE + sign * (MIDDLE - 2) : MIDDLE;
            svg.filled(
                    "M" + Svg.point(edge, TOP) + "L" + wall(down, out, sign) + "L" + Svg.point(edge, BOTTOM) + "Z",
                    Svg.METAL);
        }
        if (isKnown) {
            for (KeptClearView band : picture.bands()) {
                double from = y.applyAsDouble(band.fromPm());
                double to = y.applyAsDouble(band.toPm());
                svg.area(2, from, SIZE - 4, Math.max(to - from, 2), Svg.WORN)
                        .text(MIDDLE, to + 15, "middle", 13, band.what());
            }
        }
        for (Limit limit : limits) {
            for (int sign : new int[] {1, -1}) {
                double x = MIDDLE + sign * off(WALL, limit.pm());
                svg.line(x, TOP, x, BOTTOM, Svg.INK, 1.8, limit.dash());
            }
        }
        for (int sign : new int[] {1, -1}) {
            svg.path("M" + wall(down, out, sign), Svg.INK, 3);
        }
        svg.line(2, TOP, SIZE - 2, TOP, Svg.INK, 1.2);
        for (int i = 0; i < down.length; i++) {
            svg.dot(MIDDLE + out[i], down[i], 5)
                    .dot(MIDDLE - out[i], down[i], 5)
                    .text(MIDDLE, down[i] + 5, "middle", 15, points.get(i).section());
        }
        return svg.text(6, 20, "start", 17, wall.axis())
                .text(SIZE - 6, 20, "end", 15, times())
                .drawn();
    }

    private static String wall(double[] down, double[] out, int sign) {
        var drawn = new StringBuilder(Svg.point(MIDDLE + sign * out[0], TOP));
        for (int i = 0; i < down.length; i++) {
            drawn.append('L').append(Svg.point(MIDDLE + sign * out[i], down[i]));
        }
        return drawn.append('L')
                .append(Svg.point(MIDDLE + sign * out[out.length - 1], BOTTOM))
                .toString();
    }
}
