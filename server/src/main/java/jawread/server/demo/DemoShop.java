package jawread.server.demo;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.DrawerChanges;
import jawread.server.drawer.Masters;
import jawread.server.drawer.Trials;
import jawread.server.drawer.ZeroChecks;
import jawread.server.identity.SameParts;
import jawread.server.identity.SameParts.SaySame;
import jawread.server.identity.Sameness;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.journal.ByWhom;
import jawread.server.measure.Looks;
import jawread.server.measure.Readings;
import jawread.server.measure.Rounds;
import jawread.server.storage.Locks;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Low Weir Workshop, which keeps the water machinery of a small valley; loaded once, into an empty shop. Five jobs are
 * planned. Of the new idler shafts for the trash-rack rake the first is turned, the second waits, the third is being turned,
 * the fourth was turned too small. Six of twelve valve seats are done, the pump's plungers (one larger than it can be, one worn) and its
 * barrels (one oval, one tapered), and the sluice spindle for the third time in nine years.
 */
@Component
@Profile("demo")
class DemoShop implements SmartLifecycle {
    private final People people;
    private final Drawer drawer;
    private final DrawerChanges changes;
    private final Masters masters;
    private final ZeroChecks checks;
    private final Trials trials;
    private final ComparatorSettings settings;
    private final Jobs jobs;
    private final Readings readings;
    private final Rounds rounds;
    private final Looks looks;
    private final SameParts same;
    private final Locks locks;
    private volatile boolean furnished;

    DemoShop(
            People people,
            Drawer drawer,
            DrawerChanges changes,
            Masters masters,
            ZeroChecks checks,
            Trials trials,
            ComparatorSettings settings,
            Jobs jobs,
            Readings readings,
            Rounds rounds,
            Looks looks,
            SameParts same,
            Locks locks) {
        this.people = people;
        this.drawer = drawer;
        this.changes = changes;
        this.masters = masters;
        this.checks = checks;
        this.trials = trials;
        this.settings = settings;
        this.jobs = jobs;
        this.readings = readings;
        this.rounds = rounds;
        this.looks = looks;
        this.same = same;
        this.locks = locks;
    }

    private DemoReadings reading(Job job, int plan, Person person) {
        return new DemoReadings(jobs, drawer, readings, looks, jobs.plansOf(job).get(plan), person);
    }

    /** An inspection of the spindle years ago, put away since. */
    private void earlier(String inspection, String hours, int number, int years, Job now, Person tilde) {
        Job job = new DemoJobs(jobs, tilde).spindle(inspection, hours);
        reading(job, 0, tilde).theSpindle(number, DemoDay.MORNING.minus(Duration.ofDays(365L * years)));
        Part spindle = jobs.partsOf(jobs.plansOf(now).get(0)).get(0);
        Part then = jobs.partsOf(jobs.plansOf(job).get(0)).get(0);
        same.say(new SaySame(UUID.randomUUID(), spindle.id(), then.id(), Sameness.SAME, "", tilde.id()));
        jobs.archive(job, true);
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

    /** The trail says of all this that Ansa did it. */
    private static void untilItIsKept(Person person) {
        ByWhom.is(person.id());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                ByWhom.forget();
            }
        });
    }

    @Override
    @Transactional
    public void start() {
        furnished = true;
        if (jobs.areNone()) {
            locks.alone();
            Person ansa = people.add("Ansa", "turner");
            untilItIsKept(ansa);
            Person bero = people.add("Bero", "repairs");
            Person tilde = people.add("Tilde", "inspects and signs");
            people.decide(tilde.id(), List.of("measures", "signs"));
            Person kit = people.add("Kit", "learning");
            new DemoGauges(changes, masters, tilde).fill();
            var demoChecks = new DemoChecks(drawer, changes, checks, trials, settings);
            demoChecks.untilThisMorning(ansa, tilde, kit);
            Job shafts = new DemoJobs(jobs, ansa).idlerShafts();
            Job seats = new DemoJobs(jobs, tilde).valveSeats();
            Job drum = new DemoJobs(jobs, tilde).drumShaft();
            Job spindle = new DemoJobs(jobs, bero).spindle("third", "21400");
            reading(spindle, 0, bero).theSpindle(2, DemoDay.MORNING.minusSeconds(12_000));
            Job pump = new DemoJobs(jobs, bero).pump();
            demoChecks.beforeTheBarrels(bero);
            reading(pump, 0, bero).theBarrels();
            reading(pump, 1, bero).thePlungers();
            reading(seats, 0, tilde).halfTheSeats();
            demoChecks.afterTheSeats(tilde);
            reading(drum, 0, tilde).theDrumShaft();
            earlier("first", "7200", 0, 6, spindle, tilde);
            earlier("second", "14300", 1, 3, spindle, tilde);
            // What was touched last lies on top of the bench.
            reading(shafts, 0, ansa).theMorningsShafts(rounds);
        }
    }
}
