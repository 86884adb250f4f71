package jawread.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.judge.PlaceAverage;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TypedLimits;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.NewJob;
import jawread.server.job.NewJob.NewFeature;
import jawread.server.job.NewJob.NewPart;
import jawread.server.job.NewJob.NewPlace;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Origin;
import jawread.server.measure.Readings;
import jawread.server.measure.Rounds;
import jawread.server.measure.Rounds.Cut;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Low Weir Workshop, which keeps the water machinery of a small valley; loaded once, into an empty shop. On the bench:
 * the new idler shafts for the trash-rack rake, four of them by one plan. The first is finished, the second waits, the
 * third is being turned, the fourth was turned too small.
 */
@Component
@Profile("demo")
class DemoShop implements SmartLifecycle {
    private final People people;
    private final Drawer drawer;
    private final Jobs jobs;
    private final Readings readings;
    private final Rounds rounds;
    private volatile boolean furnished;

    DemoShop(People people, Drawer drawer, Jobs jobs, Readings readings, Rounds rounds) {
        this.people = people;
        this.drawer = drawer;
        this.jobs = jobs;
        this.readings = readings;
        this.rounds = rounds;
    }

    /** Before the server opens its port, so that no page ever sees the shop half furnished. */
    @Override
    public int getPhase() {
        return 0;
    }

    @Override
    public boolean isRunning() {
        return furnished;
    }

    @Override
    public void stop() {
        furnished = false;
    }

    @Override
    @Transactional
    public void start() {
        furnished = true;
        if (jobs.areNone()) {
            Person ansa = people.add("Ansa", "turner");
            people.add("Bero", "repairs");
            people.add("Tilde", "inspects and signs");
            people.add("Kit", "learning");
            Gauge m6 = new DemoGauges(drawer).fill();
            Job shafts = jobs.open(idlerShafts());
            new Morning(shafts, m6, ansa).happens();
        }
    }

    private static NewJob idlerShafts() {
        return new NewJob(
                "New idler shafts",
                "trash-rack rake, four of them",
                "drawing LW-118, revision B",
                LengthUnit.MILLIMETRE,
                RepeatSchool.TWO_THEN_THIRD,
                PlaceAverage.MEAN,
                true,
                List.of(
                        outside("left end Ø 25 k6", "25.002 / 25.015", "0", "26", "13"),
                        outside("body Ø 32 h9", "31.938 / 32.000", "26", "118", "85"),
                        outside("right end Ø 25 k6", "25.002 / 25.015", "144", "26", "157")),
                List.of(
                        new NewPart("shaft 1", "one dot"),
                        new NewPart("shaft 2", "two dots"),
                        new NewPart("shaft 3", "three dots"),
                        new NewPart("shaft 4", "four dots")));
    }

    private static NewFeature outside(String name, String limits, String starts, String length, String depth) {
        return new NewFeature(
                name,
                FeatureKind.OUTSIDE,
                true,
                limits,
                TypedLimits.parse(limits, LengthUnit.MILLIMETRE).orThrow(),
                Length.ofMillimetres(starts),
                Length.ofMillimetres(length),
                List.of(new NewPlace("middle", Length.ofMillimetres(depth))));
    }

    /** What was turned and read before the doors opened. */
    private final class Morning {
        private final Gauge gauge;
        private final Person turner;
        private final List<Part> shafts;
        private final List<Feature> features;
        private Instant time = DemoDay.MORNING.minusSeconds(3000);
        private int deeds;

        private Morning(Job job, Gauge gauge, Person turner) {
            PlanRevision plan = jobs.planOf(job);
            this.gauge = gauge;
            this.turner = turner;
            this.shafts = jobs.partsOf(plan);
            this.features = plan.features();
        }

        void happens() {
            read(0, 1, 0, "32.412", "32.413");
            cut(0, 1, 1, "0.44");
            read(0, 1, 1, "31.976", "31.975");
            read(0, 0, 0, "25.009", "25.010");
            read(0, 2, 0, "25.007", "25.007");

            read(2, 1, 0, "32.608", "32.609");
            cut(2, 1, 1, "0.400");
            read(2, 1, 1, "32.221", "32.220");

            read(3, 1, 0, "32.377", "32.378");
            cut(3, 1, 1, "0.4");
            read(3, 1, 1, "31.902", "31.901");
        }

        private void read(int shaft, int feature, int round, String... figures) {
            for (String figure : figures) {
                readings.keep(new KeepReading(
                        nextId(),
                        shafts.get(shaft).id(),
                        features.get(feature).id(),
                        round,
                        features.get(feature).places().get(0).id(),
                        gauge.id(),
                        turner.id(),
                        Origin.DEMONSTRATION,
                        Optional.of(figure),
                        Optional.empty(),
                        Optional.empty(),
                        time));
            }
        }

        private void cut(int shaft, int feature, int number, String asked) {
            rounds.cutTaken(new Cut(
                    nextId(),
                    shafts.get(shaft).id(),
                    features.get(feature).id(),
                    number,
                    Optional.of(asked),
                    turner.id()));
        }

        /** The same at every start. */
        private UUID nextId() {
            time = time.plusSeconds(70);
            return UUID.nameUUIDFromBytes(("low weir " + deeds++).getBytes(StandardCharsets.UTF_8));
        }
    }
}
