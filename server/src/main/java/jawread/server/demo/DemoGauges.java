package jawread.server.demo;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Optional;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.server.access.Person;
import jawread.server.drawer.DrawerChanges;
import jawread.server.drawer.Masters;
import jawread.server.drawer.TypedGauge;
import jawread.server.drawer.TypedMaster;

/** The gauges and masters of the demonstration shop, by shop number, as somebody typed them in. */
final class DemoGauges {
    private static final String NEXT_YEAR = DemoDay.TODAY.plusMonths(9).toString();

    private final DrawerChanges drawer;
    private final Masters masters;
    private final Person keeper;

    DemoGauges(DrawerChanges drawer, Masters masters, Person keeper) {
        this.drawer = drawer;
        this.masters = masters;
        this.keeper = keeper;
    }

    void fill() {
        var all = new ArrayList<TypedGauge>();
        for (int inch = 0; inch < 4; inch++) {
            all.add(micrometer("M" + (inch + 1), "mic-in-0001", 1, inch));
        }
        for (int frame = 0; frame < 4; frame++) {
            all.add(micrometer("M" + (frame + 5), "mic-mm-0001", 25, frame));
        }
        all.add(micrometer("M9", "mic-mm-001", 25, 1));
        all.add(gauge("C1", "dial-caliper", "Dial caliper, 0 to 6 in", "dial-in-001", "0", "6"));
        all.add(gauge("C2", "vernier-caliper", "Vernier caliper, 0 to 150 mm", "vernier-mm-002", "0", "150"));
        all.add(gauge("C3", "digital-caliper", "Digital caliper, 0 to 200 mm", "digital-mm-001", "0", "200")
                .showingEitherUnit());
        all.add(gauge("C4", "vernier-caliper", "Vernier caliper with nibs, 0 to 12 in", "vernier-in-001", "0", "12")
                .on("0", "nibs +0.3"));
        all.add(gauge("D1", "depth-micrometer", "Depth micrometer, rods for 0 to 6 in", "depth-in-001", "0", "6")
                .on("0", "rod 1; rod 2; rod 3; rod 4; rod 5"));
        all.add(gauge("I1", "inside-micrometer", "Inside micrometer, rods for 2 to 8 in", "inside-in-001", "2", "8")
                .on("2", "rod +1; rod +2; rod +3; rod +4; rod +5; collar +0.5"));
        all.add(transfer("T1", "telescoping-gauge", "Telescoping gauges, 8 to 150 mm", "8", "150"));
        all.add(transfer("S1", "small-hole-gauge", "Small-hole gauges, 3 to 13 mm", "3", "13"));
        all.add(gauge("B1", "dial-bore-gauge", "Dial bore gauge, 2 to 6 in", "bore-dial-in-0001", "2", "6")
                .on("3.25", ""));
        all.add(gauge("B2", "dial-bore-gauge", "Dial bore gauge, 50 to 160 mm", "bore-dial-mm-0001", "50", "160")
                .on("120", ""));
        all.add(gauge(
                "B3", "three-contact-gauge", "Three-contact bore gauge, 20 to 25 mm", "bore3-mm-0005", "20", "25"));
        all.add(gauge("F1", "feeler-leaves", "Feeler leaves, 0.03 to 1 mm", "feeler", "0", "5"));
        all.add(gauge("P1", "indicator", "Plunger indicator, 0.0001 in", "bore-dial-in-0001", "0", "0.5"));
        drawer.add(all, keeper);
        masters();
    }

    private void masters() {
        master("bar 1 in", "bar", "in", "1", "0.00003");
        master("bar 2 in", "bar", "in", "2", "0.00004");
        master("bar 3 in", "bar", "in", "3", "0.00005");
        master("bar 25", "bar", "mm", "25", "0.0008");
        master("bar 50", "bar", "mm", "50", "0.0010");
        master("bar 75", "bar", "mm", "75", "0.0012");
        master("ring 3.25 in", "ring", "in", "3.25", "0.00005");
        master("ring 20", "ring", "mm", "20", "0.0012");
        master("in-81", "block-set", "in", "10", "0.00001");
        master("mm-88", "block-set", "mm", "250", "0.0003");
    }

    private void master(String number, String kind, String unit, String size, String expanded) {
        masters.add(new TypedMaster(number, kind, unit, size, "", expanded, "steel", "", "", "", NEXT_YEAR, false));
    }

    private static TypedGauge gauge(String number, String kind, String name, String scaleId, String low, String high) {
        Scale scale = Scales.of(scaleId).orElseThrow();
        return typed(number, kind, name, Optional.of(scale), scale.unit(), low, high);
    }

    private static TypedGauge transfer(String number, String kind, String name, String low, String high) {
        return typed(number, kind, name, Optional.empty(), LengthUnit.MILLIMETRE, low, high);
    }

    private static TypedGauge typed(
            String number, String kind, String name, Optional<Scale> scale, LengthUnit unit, String low, String high) {
        var range = new Range(Length.of(new BigDecimal(low), unit), Length.of(new BigDecimal(high), unit));
        return TypedGauge.of(number, name, GaugeKind.of(kind).orElseThrow(), scale, unit, range);
    }

    /** @param frame 0 for the smallest: each frame of a set begins where the one before ends */
    private static TypedGauge micrometer(String number, String scaleId, int size, int frame) {
        String low = Integer.toString(size * frame);
        String high = Integer.toString(size * (frame + 1));
        String unit = Scales.of(scaleId).orElseThrow().unit().symbol();
        return gauge(
                number,
                "outside-micrometer",
                "Outside micrometer, %s to %s %s".formatted(low, high, unit),
                scaleId,
                low,
                high);
    }
}
