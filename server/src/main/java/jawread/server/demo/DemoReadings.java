package jawread.server.demo;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Origin;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Looks;
import jawread.server.measure.Looks.KeepLook;
import jawread.server.measure.Readings;
import jawread.server.measure.Rounds;
import jawread.server.measure.Rounds.Cut;

/** What was read on a job of the demonstration shop before the doors opened; the same at every start. */
final class DemoReadings {
    private static final long SEED = 118;

    private final Drawer drawer;
    private final Readings readings;
    private final Looks looks;
    private final Person person;
    private final List<Part> parts;
    private final List<Feature> features;
    private final String job;
    private Instant time = DemoDay.MORNING.minusSeconds(9000);
    private int deeds;

    DemoReadings(Jobs jobs, Drawer drawer, Readings readings, Looks looks, Plan plan, Person person) {
        this.drawer = drawer;
        this.readings = readings;
        this.looks = looks;
        this.person = person;
        this.parts = jobs.partsOf(plan);
        this.features = jobs.newest(plan).features();
        this.job = plan.job().name() + plan.job().head().customerReference() + plan.name();
    }

    /** The first shaft is done, the second waits, the third is being turned, the fourth was turned too small. */
    void theMorningsShafts(Rounds rounds) {
        time = DemoDay.MORNING.minusSeconds(4200);
        look(0, 6);
        read("M6", 0, 1, 0, "32.412", "32.413");
        cut(rounds, 0, 1, 1, "0.44");
        read("M6", 0, 1, 1, "31.976", "31.975");
        read("M6", 0, 0, 0, "25.009", "25.010");
        read("M6", 0, 2, 0, "25.007", "25.007");
        read("C2", 0, 3, 0, "118.04", "118.02");
        read("C2", 0, 4, 0, "2.24", "2.26");
        read("T1 + M5", 0, 5, 0, "16.008", "16.010");

        look(2, 6);
        read("M6", 2, 1, 0, "32.608", "32.609");
        cut(rounds, 2, 1, 1, "0.400");
        read("M6", 2, 1, 1, "32.221", "32.220");

        look(3, 6);
        read("M6", 3, 1, 0, "32.377", "32.378");
        cut(rounds, 3, 1, 1, "0.4");
        read("M6", 3, 1, 1, "31.902", "31.901");
    }

    /** Six of the twelve seats, one after the other. */
    void halfTheSeats() {
        time = DemoDay.MORNING.minusSeconds(3600);
        var random = new Random(SEED);
        for (int seat = 0; seat < 6; seat++) {
            twice(random, "M2", seat, 0, "1.37545", 0.00012, 4);
            twice(random, "M1", seat, 1, "0.87540", 0.00010, 4);
            twice(random, "D1", seat, 2, "0.1250", 0.0005, 3);
            twice(random, "D1", seat, 3, "0.2500", 0.0007, 3);
        }
    }

    /**
     * Top, middle and bottom, thrust and cross. The first still waits; the second is oval near the top; the third is tapered, and was
     * held against a telescoping gauge.
     */
    void theBarrels() {
        time = DemoDay.MORNING.minusSeconds(11_000);
        String[][] found = {
            {"3.2563", "3.2554", "3.2546", "3.2537", "3.2541", "3.2541"},
            {"3.2581", "3.2562", "3.2543", "3.2579", "3.2561", "3.2542"}
        };
        for (int part = 1; part <= found.length; part++) {
            for (int item = 1; item <= 4; item++) {
                look(part, item);
            }
            String[] sizes = found[part - 1];
            for (int place = 0; place < sizes.length; place++) {
                String figure = sizes[place];
                readAt("B1", part, 0, place, 0, figure, nearby(figure, (place + part) % 3 - 1, 4));
            }
        }
        String[] byTelescope = {"3.2584", "3.2563", "3.2545", "3.2582", "3.2562", "3.2545"};
        for (int place = 0; place < byTelescope.length; place++) {
            quick("T1 + M4", 2, 0, place, byTelescope[place]);
        }
    }

    /** Three journals, left and right, thrust and cross, a little thinner each time; the middle one hardly. */
    void theSpindle(int inspection, Instant at) {
        time = at;
        String[][][] found = {
            {
                {"43.976", "43.975", "43.974", "43.975"},
                {"43.964", "43.962", "43.961", "43.962"},
                {"43.950", "43.948", "43.947", "43.949"}
            },
            {
                {"43.981", "43.980", "43.981", "43.980"},
                {"43.980", "43.981", "43.980", "43.980"},
                {"43.980", "43.979", "43.980", "43.979"}
            },
            {
                {"43.970", "43.968", "43.969", "43.969"},
                {"43.951", "43.946", "43.950", "43.948"},
                {"43.934", "43.925", "43.932", "43.928"}
            }
        };
        look(0, 3);
        look(0, 4);
        for (int journal = 0; journal < found.length; journal++) {
            String[] sizes = found[journal][inspection];
            for (int place = 0; place < sizes.length; place++) {
                readAt("M6", 0, journal, place, 0, sizes[place], nearby(sizes[place], place % 2, 3));
            }
        }
    }

    /**
     * The first place of a bearing seat, read twice: once with a line too many. The drum seat across three axes, a little oval in its
     * middle; and what it runs out by in V-blocks.
     */
    void theDrumShaft() {
        time = DemoDay.MORNING.minusSeconds(5400);
        String[] seat = {"71.984", "71.986", "71.985", "71.983", "71.991", "71.984", "71.985", "71.981", "71.986"};
        for (int place = 0; place < seat.length; place++) {
            readAt("M7", 0, 1, place, 0, seat[place], nearby(seat[place], place % 2, 3));
        }
        String[] runout = {"0.018 mm", "0.034 mm", "0.021 mm"};
        for (int place = 0; place < runout.length; place++) {
            readAt("P1", 0, 3, place, 0, runout[place], runout[place]);
        }
        time = DemoDay.MORNING.minusSeconds(1500);
        readAt("M7", 0, 0, 0, 0, "60.511", "60.012");
    }

    /** A figure some steps of its last place away. */
    private static String nearby(String figure, long steps, int decimals) {
        return new BigDecimal(figure).add(BigDecimal.valueOf(steps, decimals)).toPlainString();
    }

    /**
     * Top, middle and bottom, thrust and cross. The first reads larger than a new one can be, for its micrometer's zero has moved; the
     * second is worn; the third is as new.
     */
    void thePlungers() {
        time = DemoDay.MORNING.minusSeconds(8000);
        String[][] found = {
            {"3.2481", "3.2480", "3.2479", "3.2480", "3.2481", "3.2478"},
            {"3.2436", "3.2429", "3.2431", "3.2447", "3.2444", "3.2445"},
            {"3.2465", "3.2464", "3.2464", "3.2465", "3.2466", "3.2464"}
        };
        for (int part = 0; part < found.length; part++) {
            look(part, 1);
            look(part, 2);
            for (int place = 0; place < found[part].length; place++) {
                String figure = found[part][place];
                readAt("M4", part, 0, place, 0, figure, nearby(figure, (place + part) % 3 - 1, 4));
            }
        }
    }

    /** Two readings within the gauge's last place of each other, about a size that differs from part to part. */
    private void twice(Random random, String gauge, int part, int feature, String about, double spread, int decimals) {
        BigDecimal first = new BigDecimal(about)
                .add(BigDecimal.valueOf(random.nextGaussian() * spread))
                .setScale(decimals, RoundingMode.HALF_EVEN);
        BigDecimal second = random.nextBoolean() ? first : first.add(BigDecimal.ONE.movePointLeft(decimals));
        read(gauge, part, feature, 0, first.toPlainString(), second.toPlainString());
    }

    private void read(String number, int part, int feature, int round, String... figures) {
        readAt(number, part, feature, 0, round, figures);
    }

    private void readAt(String number, int part, int feature, int place, int round, String... figures) {
        keep(number, part, feature, place, round, false, figures);
    }

    /** With another method, once. */
    private void quick(String number, int part, int feature, int place, String figure) {
        keep(number, part, feature, place, 0, true, figure);
    }

    private void keep(String number, int part, int feature, int place, int round, boolean quick, String... figures) {
        GaugeAndReader method = drawer.methods().stream()
                .filter(each -> each.number().equals(number))
                .findFirst()
                .orElseThrow();
        for (String figure : figures) {
            readings.keep(new KeepReading(
                    nextId(),
                    parts.get(part).id(),
                    features.get(feature).id(),
                    round,
                    features.get(feature).places().get(place).id(),
                    method.readWith(),
                    person.id(),
                    Origin.DEMONSTRATION,
                    Optional.of(figure),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    quick,
                    time));
        }
    }

    private void cut(Rounds rounds, int part, int feature, int number, String asked) {
        rounds.cutTaken(new Cut(
                nextId(),
                parts.get(part).id(),
                features.get(feature).id(),
                number,
                Optional.of(asked),
                Optional.empty(),
                person.id()));
    }

    private void look(int part, int feature) {
        looks.keep(
                new KeepLook(
                        nextId(), parts.get(part).id(), features.get(feature).id(), "ok", Optional.empty(), ""),
                person);
    }

    private UUID nextId() {
        time = time.plusSeconds(70);
        return UUID.nameUUIDFromBytes(("low weir " + job + " " + deeds++).getBytes(StandardCharsets.UTF_8));
    }
}
