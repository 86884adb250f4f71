package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.judgement.SheetView.VerdictView;

/** What is on the bench now, the last touched job first. */
public record BenchView(List<BenchJob> jobs) {
    /**
     * @param lives present on a job that lives hang on
     * @param measured features that have a verdict, of {@code of} in all its parts
     * @param verdict the worst among what was measured
     * @param next the very next thing to do; absent when all is done, or nothing is planned yet
     */
    public record BenchJob(
            long id,
            String name,
            String about,
            String limitsSource,
            boolean demonstration,
            @Nullable String lives,
            int measured,
            int of,
            VerdictView verdict,
            List<BenchPlan> plans,
            @Nullable NextView next,
            List<CheckToDoView> checks) {}

    /**
     * A gauge whose zero wants a look now that the job is through with it.
     *
     * @param comparator whether that means to put it back on the master it was set on
     */
    public record CheckToDoView(long gauge, boolean comparator, String sentence) {}

    /** One kind of part. */
    public record BenchPlan(long id, String name, List<BenchPart> parts) {}

    /** @param measured features of it that have a verdict */
    public record BenchPart(
            long id, String name, String mark, int measured, VerdictView verdict, List<BenchFeature> features) {}

    public record BenchFeature(
            long id, String name, String limits, @Nullable String reworked, VerdictView verdict) {}
}
