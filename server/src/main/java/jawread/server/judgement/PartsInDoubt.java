package jawread.server.judgement;

import java.util.List;
import java.util.stream.Stream;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.storage.Health;
import org.springframework.boot.info.BuildProperties;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The index of what is in doubt in jobs that were put away, so that they need not be judged whenever somebody asks. It is made from all the
 * rest and never the truth: a plan whose job has other versions by now, or that another build of the program has judged, is judged again.
 * Jobs for practice are nowhere in doubt. Jobs on the bench are not in it: they are judged there, and what they come to is kept in memory.
 */
@Service
class PartsInDoubt {
    /** Versions only rise: while their sum is the same, all of them are. */
    private static final String UNDER = """
            COALESCE((SELECT SUM(version) FROM stored_version v WHERE v.job_id = p.job_id), 0)
            + COALESCE((SELECT version FROM stored_version v WHERE v.job_id = 0 AND v.what = 'settings' AND v.which = 0), 0)""";

    private static final String BEHIND = """
            SELECT p.id FROM job j JOIN plan p ON p.job_id = j.id LEFT JOIN plan_judged k ON k.plan_id = p.id
            WHERE j.archived_at IS NOT NULL AND NOT j.practice
            AND (k.plan_id IS NULL OR k.judged_by <> ? OR k.judged_under <> %s)""".formatted(UNDER);

    private final Health health;
    private final JdbcTemplate database;
    private final Jobs jobs;
    private final Judgements judgements;
    private final String build;

    PartsInDoubt(Health health, JdbcTemplate database, Jobs jobs, Judgements judgements, BuildProperties build) {
        this.health = health;
        this.database = database;
        this.jobs = jobs;
        this.judgements = judgements;
        this.build = build.getTime().toString();
    }

    /** The plans that are to be judged again before the index is right. */
    @Transactional(readOnly = true)
    public List<Long> behind() {
        return database.queryForList(BEHIND, Long.class, build);
    }

    /** Judges a plan, and keeps which of its parts are in doubt. Meanwhile changed, it is behind again. Refuses on a disk that is all but full. */
    @Transactional
    public void judge(long id) {
        health.refuseWithoutRoom();
        Plan plan = jobs.plan(id);
        // Before it is judged: what changes meanwhile changes this.
        long under = database.queryForObject("SELECT " + UNDER + " FROM plan p WHERE p.id = ?", Long.class, id);
        List<Long> parts = DoubtfulPlace.of(judgements.of(plan))
                .map(place -> place.part().id())
                .distinct()
                .toList();
        database.update("MERGE INTO plan_judged KEY (plan_id) VALUES (?, ?, ?)", id, under, build);
        database.update("DELETE FROM part_in_doubt WHERE plan_id = ?", id);
        parts.forEach(part -> database.update("INSERT INTO part_in_doubt (plan_id, part_id) VALUES (?, ?)", id, part));
    }

    /**
     * The plans of jobs on the bench, and of others those that have parts in doubt.
     *
     * @param besides that are asked for though the index does not know them
     */
    @Transactional(readOnly = true)
    public List<JudgedPlan> plans(List<Long> besides) {
        return Stream.concat(
                        jobs.open().stream().filter(job -> !job.practice()).flatMap(job -> jobs.plansOf(job).stream()),
                        Stream.concat(putAway().stream(), besides.stream())
                                .distinct()
                                .map(jobs::plan))
                .map(judgements::of)
                .toList();
    }

    private List<Long> putAway() {
        return database.queryForList("""
                SELECT DISTINCT p.id FROM part_in_doubt d JOIN plan p ON p.id = d.plan_id JOIN job j ON j.id = p.job_id
                WHERE j.archived_at IS NOT NULL ORDER BY p.id DESC""", Long.class);
    }
}
