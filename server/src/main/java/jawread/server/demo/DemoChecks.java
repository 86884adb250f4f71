package jawread.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.comparator.ComparatorSettings.TypedSetting;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.DrawerChanges;
import jawread.server.drawer.DrawerChanges.TypedCalibration;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.ShopMaster;
import jawread.server.drawer.Trials;
import jawread.server.drawer.Trials.TypedTrial;
import jawread.server.drawer.ZeroChecks;
import jawread.server.drawer.ZeroChecks.TypedCheck;

/**
 * What befell the gauges of the demonstration shop: most were looked at this morning, one drifts, one was dropped, one has run
 * out of its calibration; and what two people hold with one micrometer.
 */
final class DemoChecks {
    private static final long SEED = 1890;
    private static final Duration MONTH = Duration.ofDays(30);
    private final Drawer drawer;
    private final DrawerChanges changes;
    private final ZeroChecks checks;
    private final Trials trials;
    private final ComparatorSettings settings;
    private int deeds;

    DemoChecks(Drawer drawer, DrawerChanges changes, ZeroChecks checks, Trials trials, ComparatorSettings settings) {
        this.drawer = drawer;
        this.changes = changes;
        this.checks = checks;
        this.trials = trials;
        this.settings = settings;
    }

    /** Before the morning's first reading. */
    void untilThisMorning(Person ansa, Person tilde, Person kit) {
        Instant morning = DemoDay.MORNING.minusSeconds(5400);
        for (String number : List.of("M1", "M2", "M5", "M6", "C1", "C2", "D1", "P1")) {
            check(number, "", "0", ansa, morning.plusSeconds(60L * deeds));
        }
        check("M4", "bar 3 in", "3.0000", ansa, morning.plusSeconds(720));
        check("M8", "bar 75", "75.001", ansa, morning.plusSeconds(780));
        check("M9", "bar 25", "25.00", ansa, morning.minus(Duration.ofDays(4)));
        check("M7", "bar 50", "50.001", ansa, morning.minus(Duration.ofDays(1)));
        drifting(tilde);
        changes.befell(id(), gauge("M3").id(), "dropped", "off the bench, onto its anvil", kit);
        changes.befell(id(), gauge("M3").id(), "quarantined", "dropped; its faces are no longer parallel", tilde);
        calibrated("C3", DemoDay.TODAY.minusMonths(13).toString(), "0.01", "0.012", 12, tilde);
        calibrated("M6", DemoDay.TODAY.minusMonths(3).toString(), "0.001", "0.0012", 12, tilde);
        trial("M9", "bar 25", ansa, 0.0004, 0.0031, morning.minus(Duration.ofDays(20)));
        trial("M6", "bar 25", kit, 0.0028, 0.0031, morning.minus(Duration.ofDays(12)));
    }

    /** The bore gauge on its ring, before the barrels are read with it. */
    void beforeTheBarrels(Person bero) {
        settings.keep(
                id(),
                gauge("B1").id(),
                new TypedSetting(
                        "3.25",
                        ComparatorSettings.keyOf(master("ring 3.25 in")),
                        "20",
                        "0.0001",
                        "fall",
                        "rise",
                        "0.5"),
                bero,
                DemoDay.MORNING.minusSeconds(11_300));
    }

    /** The depth micrometer after the seats: it had moved, and nobody knows when. */
    void afterTheSeats(Person tilde) {
        checks.keep(
                id(),
                gauge("D1").id(),
                new TypedCheck(Optional.empty(), "0.003", "set-to-zero", "0", "", true),
                tilde,
                DemoDay.MORNING.minusSeconds(600));
    }

    /** The bore gauge: a tenth or so more each month, set back each time; yesterday it was three. */
    private void drifting(Person tilde) {
        Instant yesterday = DemoDay.MORNING.minus(Duration.ofDays(1));
        String[] found = {"3.2500", "3.2501", "3.2501", "3.2500", "3.2501", "3.2502", "3.2503"};
        for (int month = 0; month < found.length; month++) {
            Instant at = yesterday.minus(MONTH.multipliedBy(found.length - 1L - month));
            boolean off = found[month].compareTo("3.2501") > 0;
            checks.keep(
                    id(),
                    gauge("B1").id(),
                    new TypedCheck(
                            Optional.of(master("ring 3.25 in").id()),
                            found[month],
                            off ? "set-to-zero" : "nothing",
                            off ? "3.2500" : "",
                            "20.5",
                            true),
                    tilde,
                    at);
        }
    }

    private void check(String number, String master, String shown, Person person, Instant at) {
        checks.keep(
                id(),
                gauge(number).id(),
                new TypedCheck(
                        master.isEmpty()
                                ? Optional.empty()
                                : Optional.of(master(master).id()),
                        shown,
                        "nothing",
                        "",
                        "",
                        true),
                person,
                at);
    }

    private void calibrated(String number, String on, String error, String expanded, int months, Person person) {
        Gauge gauge = gauge(number);
        String due = LocalDate.parse(on).plusMonths(months).toString();
        changes.calibrated(gauge.id(), gauge.version(), new TypedCalibration(on, error, expanded, due), person);
    }

    /** Twelve readings about a bar, in the steps of what is read. */
    private void trial(String number, String master, Person person, double bias, double spread, Instant at) {
        var random = new Random(SEED + person.id());
        var readings = new ArrayList<String>();
        double size = 25 + bias;
        for (int i = 0; i < 12; i++) {
            double held = Math.max(-2 * spread, Math.min(2 * spread, random.nextGaussian() * spread));
            readings.add(String.format(Locale.ROOT, number.equals("M9") ? "%.2f" : "%.3f", size + held));
        }
        trials.keep(
                id(),
                new TypedTrial(
                        gauge(number).id(), Optional.empty(), master(master).id(), readings),
                person,
                at);
    }

    private Gauge gauge(String number) {
        return drawer.all().stream()
                .filter(each -> each.shopNumber().equals(number))
                .findFirst()
                .orElseThrow();
    }

    private ShopMaster master(String number) {
        return drawer.masters().stream()
                .filter(each -> each.shopNumber().equals(number))
                .findFirst()
                .orElseThrow();
    }

    private UUID id() {
        return UUID.nameUUIDFromBytes(("low weir drawer " + deeds++).getBytes(StandardCharsets.UTF_8));
    }
}
