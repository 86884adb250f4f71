package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.judgement.SheetView.VerdictView;

/** What is on the bench now, the last opened job first. */
public record BenchView(List<BenchJob> jobs) {
    /**
     * @param measured features that have a verdict, of {@code of} in all its parts
     * @param verdict the worst among what was measured
     * @param next the very next thing to do; absent when all is done
     */
    public record BenchJob(
            long id,
            String name,
            String about,
            String limitsSource,
            boolean demonstration,
            int measured,
            int of,
            VerdictView verdict,
            List<BenchPart> parts,
            @Nullable NextView next) {}

    public record BenchPart(long id, String name, String mark, VerdictView verdict, List<BenchFeature> features) {}

    public record BenchFeature(long id, String name, String limits, VerdictView verdict) {}
}
