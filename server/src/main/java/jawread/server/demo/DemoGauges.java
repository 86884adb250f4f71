package jawread.server.demo;

import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeState;

/** The outside micrometers of the demonstration shop, by shop number. */
final class DemoGauges {
    private final Drawer drawer;

    DemoGauges(Drawer drawer) {
        this.drawer = drawer;
    }

    /** Fills the drawer and hands out M6, with which the shafts are measured. */
    Gauge fill() {
        for (int inch = 0; inch < 4; inch++) {
            add("M" + (inch + 1), "mic-in-0001", 1, inch, inch == 2 ? GaugeState.QUARANTINED : GaugeState.IN_USE);
        }
        Gauge m6 = null;
        for (int frame = 0; frame < 4; frame++) {
            Gauge gauge = add("M" + (frame + 5), "mic-mm-0001", 25, frame, GaugeState.IN_USE);
            m6 = frame == 1 ? gauge : m6;
        }
        add("M9", "mic-mm-001", 25, 1, GaugeState.IN_USE);
        return m6;
    }

    /** @param frame 0 for the smallest: each frame of a set begins where the one before ends */
    private Gauge add(String shopNumber, String scaleId, int frameSize, int frame, GaugeState state) {
        Scale scale = Scales.of(scaleId).orElseThrow();
        LengthUnit unit = scale.unit();
        Length low = unit.whole().times((long) frameSize * frame);
        String name =
                "Outside micrometer, %d to %d %s".formatted(frameSize * frame, frameSize * (frame + 1), unit.symbol());
        return drawer.add(new Gauge(
                shopNumber, name, scale, low, low, low.plus(unit.whole().times(frameSize)), spread(scale), state));
    }

    /** Starting values for practised hands, by the fineness of the scale. */
    private static Length spread(Scale scale) {
        boolean inch = scale.unit().isInch();
        boolean fine = scale.leastCount().compareTo(Length.ofMicrometres(5)) < 0;
        if (inch) {
            return Length.ofInches(fine ? "0.00006" : "0.0003");
        }
        return Length.ofMillimetres(fine ? "0.0015" : "0.004");
    }
}
