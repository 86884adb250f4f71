package jawread.server.demo;

import java.math.BigDecimal;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.DialSlide;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.VernierSlide;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeState;

/** The gauges with a scale of the demonstration shop, by shop number. */
final class DemoGauges {
    private final Drawer drawer;

    DemoGauges(Drawer drawer) {
        this.drawer = drawer;
    }

    void fill() {
        for (int inch = 0; inch < 4; inch++) {
            add("M" + (inch + 1), "mic-in-0001", 1, inch, inch == 2 ? GaugeState.QUARANTINED : GaugeState.IN_USE);
        }
        for (int frame = 0; frame < 4; frame++) {
            add("M" + (frame + 5), "mic-mm-0001", 25, frame, GaugeState.IN_USE);
        }
        add("M9", "mic-mm-001", 25, 1, GaugeState.IN_USE);
        calipers();
        withBase("D1", "Depth micrometer, rod 0 to 1 in", "depth-in-001", "0", "0", "1");
        withBase("I1", "Inside micrometer, rods for 2 to 3 in", "inside-in-001", "2", "2", "3");
        withBase("B1", "Dial bore gauge, set to 3.25 in", "bore-dial-in-0001", "3.25", "3.2", "3.3");
        withBase("B2", "Dial bore gauge, set to 120 mm", "bore-dial-mm-0001", "120", "119.9", "120.1");
        withBase("B3", "Three-contact bore gauge, 20 to 25 mm", "bore3-mm-0005", "20", "20", "25");
    }

    private void calipers() {
        withBase("C1", "Dial caliper, 0 to 6 in", "dial-in-001", "0", "0", "6");
        withBase("C2", "Vernier caliper, 0 to 150 mm", "vernier-mm-002", "0", "0", "150");
        withBase("C4", "Vernier caliper with nibs, 0 to 12 in", "vernier-in-001", "0", "0", "12");
    }

    private void withBase(String shopNumber, String name, String scaleId, String base, String low, String high) {
        Scale scale = Scales.of(scaleId).orElseThrow();
        drawer.add(new Gauge(
                shopNumber,
                name,
                scale,
                in(scale, base),
                in(scale, low),
                in(scale, high),
                spread(scale),
                GaugeState.IN_USE));
    }

    private static Length in(Scale scale, String figure) {
        return Length.of(new BigDecimal(figure), scale.unit());
    }

    /** @param frame 0 for the smallest: each frame of a set begins where the one before ends */
    private void add(String shopNumber, String scaleId, int frameSize, int frame, GaugeState state) {
        Scale scale = Scales.of(scaleId).orElseThrow();
        LengthUnit unit = scale.unit();
        Length low = unit.whole().times((long) frameSize * frame);
        String name =
                "Outside micrometer, %d to %d %s".formatted(frameSize * frame, frameSize * (frame + 1), unit.symbol());
        drawer.add(new Gauge(
                shopNumber, name, scale, low, low, low.plus(unit.whole().times(frameSize)), spread(scale), state));
    }

    /** Starting values for practised hands, by the fineness of the scale. */
    private static Length spread(Scale scale) {
        boolean inch = scale.unit().isInch();
        boolean fine = scale.leastCount().compareTo(Length.ofMicrometres(6)) < 0;
        boolean slide = scale instanceof VernierSlide || scale instanceof DialSlide;
        if (slide) {
            return inch ? Length.ofInches("0.001") : Length.ofMillimetres("0.02");
        }
        if (inch) {
            return Length.ofInches(fine ? "0.00006" : "0.0003");
        }
        return Length.ofMillimetres(fine ? "0.0015" : "0.004");
    }
}
