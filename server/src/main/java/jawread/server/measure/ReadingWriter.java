package jawread.server.measure;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.GaugeState;
import jawread.server.job.Jobs;
import jawread.server.measure.FiguresRead.Sized;
import org.hibernate.Session;
import org.hibernate.StatelessSession;
import org.springframework.stereotype.Component;

/** Writes readings down: one, or so many that what is found for one is found for all. */
@Component
class ReadingWriter {
    private static final int WRITTEN_AT_ONCE = 1000;
    private static final List<Class<?>> ONE_AFTER_THE_OTHER =
            List.of(MeasuringRoundRow.class, ReadingRow.class, ReadingFigureRow.class);

    private final Rounds rounds;
    private final Jobs jobs;
    private final Drawer drawer;
    private final Warmths warmths;
    private final Clock clock;
    private final EntityManager entities;

    ReadingWriter(Rounds rounds, Jobs jobs, Drawer drawer, Warmths warmths, Clock clock, EntityManager entities) {
        this.rounds = rounds;
        this.jobs = jobs;
        this.drawer = drawer;
        this.warmths = warmths;
        this.clock = clock;
        this.entities = entities;
    }

    /** For one reading, which is written with what else its transaction writes. */
    Writing begun() {
        return new Writing(false);
    }

    /**
     * For so many readings of one transaction that the rounds of a whole plan are found at once. They are written beside the session, which
     * would compare each with what it was whenever anything is asked; what asks for them, and the end, has to have them written out.
     */
    Writing begunForMany() {
        return new Writing(true);
    }

    /** Each round and each revision is looked for once. */
    final class Writing {
        private final Map<OnPart, FeatureRounds> opened = new HashMap<>();
        private final boolean areMany;
        /** Of many: by the revision they are judged by, the parts whose rounds were found. */
        private final Map<Long, Set<Long>> found = new HashMap<>();

        private final Map<Under, Long> revisions = new HashMap<>();
        private final List<Object> waiting = new ArrayList<>();

        private Writing(boolean areMany) {
            this.areMany = areMany;
        }

        private record Under(long edition, long judging) {}

        /** Refuses as {@link #save} does, with nothing written. */
        void refuseWithoutRound(Taking taking) {
            rounds.meant(taking.asked(), openedFor(taking));
        }

        /** Refuses with 409 a round that is over, and one that there is not. */
        ReadingRow save(Taking taking, Sized sized, Person person, long seq) {
            KeepReading asked = taking.asked();
            var row = new ReadingRow(
                    asked,
                    sized.read(),
                    taking.part().job().id(),
                    revision(taking),
                    round(taking, person),
                    sized.read().rests().warmth().flatMap(warmths::row),
                    taking.taken(),
                    taking.by().get(0),
                    stateOf(taking.by(), asked.takenAt()),
                    seq,
                    clock.instant());
            write(row);
            sized.made().ifPresent(made -> {
                for (int i = 0; i < made.pieces().size(); i++) {
                    write(new ReadingFigureRow(asked.id(), i + 1, made.pieces().get(i), asked.takenAt()));
                }
            });
            if (waiting.size() >= WRITTEN_AT_ONCE) {
                writeOut();
            }
            return row;
        }

        private void write(Object row) {
            if (areMany) {
                waiting.add(row);
            } else {
                entities.persist(row);
            }
        }

        private long revision(Taking taking) {
            return revisions.computeIfAbsent(
                    new Under(taking.edition().id(), taking.judging().id()),
                    unused -> jobs.fixRevisionWith(taking.edition(), taking.judging()));
        }

        private MeasuringRoundRow round(Taking taking, Person person) {
            FeatureRounds before = openedFor(taking);
            return rounds.meant(taking.asked(), before).orElseGet(() -> {
                MeasuringRoundRow first = rounds.asFound(taking, before, person);
                write(first);
                opened.put(on(taking), before.with(first));
                return first;
            });
        }

        private FeatureRounds openedFor(Taking taking) {
            boolean isFound =
                    areMany && partsFound(taking).contains(taking.part().id());
            return opened.computeIfAbsent(
                    on(taking), unused -> isFound ? FeatureRounds.NONE : rounds.openedFor(taking));
        }

        /** Whose rounds were found, and are among those opened. */
        private Set<Long> partsFound(Taking taking) {
            return found.computeIfAbsent(taking.judging().id(), unused -> {
                Set<Long> parts = rounds.partsOf(taking.part().plan());
                rounds.openedOf(parts, taking.lineage()).forEach(opened::putIfAbsent);
                return parts;
            });
        }

        private static OnPart on(Taking taking) {
            return new OnPart(taking.part().id(), taking.edition().key());
        }

        /** To the database: each round before what was read in it, and each reading before the figures it is made of. */
        void writeOut() {
            if (waiting.isEmpty()) {
                return;
            }
            // What a reading rests on may wait there.
            entities.flush();
            Session session = entities.unwrap(Session.class);
            try (StatelessSession beside =
                    session.statelessWithOptions().connection().open()) {
                for (Class<?> each : ONE_AFTER_THE_OTHER) {
                    beside.insertMultiple(
                            waiting.stream().filter(each::isInstance).toList());
                }
            }
            waiting.clear();
        }
    }

    /** Of all, the worst, when it was read. */
    private GaugeState stateOf(List<GaugeAndReader> by, Instant at) {
        List<GaugeState> states = by.stream()
                .flatMap(method -> Stream.of(method.gauge(), method.read()))
                .map(gauge -> drawer.stateAt(gauge, at))
                .toList();
        return states.contains(GaugeState.DUE) ? GaugeState.DUE : states.get(0);
    }
}
