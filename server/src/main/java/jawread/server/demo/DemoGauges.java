package jawread.server.demo;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Master;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.access.Person;
import jawread.server.drawer.DrawerChanges;
import jawread.server.drawer.GaugeHead;
import jawread.server.drawer.Masters;
import jawread.server.drawer.ShopMaster.MasterHead;

/** The gauges and masters of the demonstration shop, by shop number. */
final class DemoGauges {
    private final DrawerChanges drawer;
    private final Masters masters;
    private final Person keeper;

    DemoGauges(DrawerChanges drawer, Masters masters, Person keeper) {
        this.drawer = drawer;
        this.masters = masters;
        this.keeper = keeper;
    }

    void fill() {
        for (int inch = 0; inch < 4; inch++) {
            micrometer("M" + (inch + 1), "mic-in-0001", 1, inch);
        }
        for (int frame = 0; frame < 4; frame++) {
            micrometer("M" + (frame + 5), "mic-mm-0001", 25, frame);
        }
        micrometer("M9", "mic-mm-001", 25, 1);
        gauge("C1", "dial-caliper", "Dial caliper, 0 to 6 in", "dial-in-001", "0", "0", "6");
        gauge("C2", "vernier-caliper", "Vernier caliper, 0 to 150 mm", "vernier-mm-002", "0", "0", "150");
        add(head("C3", "digital-caliper", "Digital caliper, 0 to 200 mm", "digital-mm-001", "0", "0", "200")
                .withSwitch());
        gauge("C4", "vernier-caliper", "Vernier caliper with nibs, 0 to 12 in", "vernier-in-001", "0", "0", "12");
        add(head("D1", "depth-micrometer", "Depth micrometer, rods for 0 to 6 in", "depth-in-001", "0", "0", "6")
                .withRods(inches(1, 2, 3, 4, 5)));
        add(head("I1", "inside-micrometer", "Inside micrometer, rods for 2 to 8 in", "inside-in-001", "2", "2", "8")
                .withRods(inches(3, 4, 5, 6, 7)));
        transfer("T1", "telescoping-gauge", "Telescoping gauges, 8 to 150 mm", "8", "150");
        transfer("S1", "small-hole-gauge", "Small-hole gauges, 3 to 13 mm", "3", "13");
        gauge("B1", "dial-bore-gauge", "Dial bore gauge, 2 to 6 in", "bore-dial-in-0001", "3.25", "2", "6");
        gauge("B2", "dial-bore-gauge", "Dial bore gauge, 50 to 160 mm", "bore-dial-mm-0001", "120", "50", "160");
        gauge("B3", "three-contact-gauge", "Three-contact bore gauge, 20 to 25 mm", "bore3-mm-0005", "20", "20", "25");
        gauge("F1", "feeler-leaves", "Feeler leaves, 0.03 to 1 mm", "feeler", "0", "0", "5");
        gauge("P1", "indicator", "Plunger indicator, 0.0001 in", "bore-dial-in-0001", "0", "0", "0.5");
        masters();
    }

    private void masters() {
        master("bar 1 in", Master.Kind.BAR, LengthUnit.INCH, "1", "0.00003");
        master("bar 2 in", Master.Kind.BAR, LengthUnit.INCH, "2", "0.00004");
        master("bar 3 in", Master.Kind.BAR, LengthUnit.INCH, "3", "0.00005");
        master("bar 25", Master.Kind.BAR, LengthUnit.MILLIMETRE, "25", "0.0008");
        master("bar 50", Master.Kind.BAR, LengthUnit.MILLIMETRE, "50", "0.0010");
        master("bar 75", Master.Kind.BAR, LengthUnit.MILLIMETRE, "75", "0.0012");
        master("ring 3.25 in", Master.Kind.RING, LengthUnit.INCH, "3.25", "0.00005");
        master("ring 20", Master.Kind.RING, LengthUnit.MILLIMETRE, "20", "0.0012");
        master("in-81", Master.Kind.BLOCK_SET, LengthUnit.INCH, "10", "0.00001");
        master("mm-88", Master.Kind.BLOCK_SET, LengthUnit.MILLIMETRE, "250", "0.0003");
    }

    private void master(String number, Master.Kind kind, LengthUnit unit, String size, String expanded) {
        masters.add(new MasterHead(
                number,
                kind,
                unit,
                Length.of(new BigDecimal(size), unit),
                Optional.empty(),
                Length.of(new BigDecimal(expanded), unit),
                "steel",
                Optional.of(DemoDay.TODAY.plusMonths(9)),
                false));
    }

    private static List<Length> inches(int... rods) {
        return Arrays.stream(rods)
                .mapToObj(rod -> LengthUnit.INCH.whole().times((long) rod))
                .toList();
    }

    private void gauge(String number, String kind, String name, String scaleId, String base, String low, String high) {
        add(head(number, kind, name, scaleId, base, low, high));
    }

    private static GaugeHead head(
            String number, String kind, String name, String scaleId, String base, String low, String high) {
        Scale scale = Scales.of(scaleId).orElseThrow();
        return GaugeHead.of(
                number,
                name,
                GaugeKind.of(kind).orElseThrow(),
                scale,
                in(scale, base),
                in(scale, low),
                in(scale, high));
    }

    private void transfer(String number, String kind, String name, String low, String high) {
        add(GaugeHead.transfer(
                number,
                name,
                GaugeKind.of(kind).orElseThrow(),
                LengthUnit.MILLIMETRE,
                Length.ofMillimetres(low),
                Length.ofMillimetres(high)));
    }

    private void add(GaugeHead head) {
        drawer.add(head, keeper);
    }

    private static Length in(Scale scale, String figure) {
        return Length.of(new BigDecimal(figure), scale.unit());
    }

    /** @param frame 0 for the smallest: each frame of a set begins where the one before ends */
    private void micrometer(String shopNumber, String scaleId, int frameSize, int frame) {
        Scale scale = Scales.of(scaleId).orElseThrow();
        LengthUnit unit = scale.unit();
        Length low = unit.whole().times((long) frameSize * frame);
        String name =
                "Outside micrometer, %d to %d %s".formatted(frameSize * frame, frameSize * (frame + 1), unit.symbol());
        add(GaugeHead.of(
                shopNumber,
                name,
                GaugeKind.of("outside-micrometer").orElseThrow(),
                scale,
                low,
                low,
                low.plus(unit.whole().times(frameSize))));
    }
}
