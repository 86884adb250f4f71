package jawread.server.records;

import jakarta.annotation.Nullable;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.measure.SizesCarried;
import org.springframework.stereotype.Component;

/** Writes a job down while whoever signs it next types the passphrase. One job at a time, and not for long: it may be large. */
@Component
class WrittenAhead {
    private static final int KEPT_MINUTES = 10;

    private final Freezing freezing;
    private final SizesCarried sizes;
    private final Jobs jobs;

    @Nullable
    private Freezing.Begun kept;

    WrittenAhead(Freezing freezing, SizesCarried sizes, Jobs jobs) {
        this.freezing = freezing;
        this.sizes = sizes;
        this.jobs = jobs;
    }

    /**
     * Begins, unless it is written already, or another is being written. Not a job whose parts were measured in others: what is said of them
     * there may change meanwhile, under no version of this one.
     */
    synchronized void begin(long jobId) {
        if (kept != null && (!kept.isWritten() || isOf(jobId))) {
            return;
        }
        Job job = jobs.job(jobId);
        if (jobs.plansOf(job).stream().anyMatch(plan -> sizes.mayComeFromElsewhere(jobs.partsOf(plan)))) {
            return;
        }
        Freezing.Begun begun = freezing.begin(jobId);
        kept = begun;
        CompletableFuture.delayedExecutor(KEPT_MINUTES, TimeUnit.MINUTES).execute(() -> forget(begun));
    }

    /** What was begun of a job, if the job is still that. */
    synchronized Optional<Freezing.Begun> of(long job) {
        return Optional.ofNullable(kept).filter(unused -> isOf(job));
    }

    /** It is signed: nobody wants it any more. */
    synchronized void signed(long job) {
        if (kept != null && kept.job() == job) {
            kept = null;
        }
    }

    private boolean isOf(long job) {
        return kept.job() == job && kept.isStill();
    }

    private synchronized void forget(Freezing.Begun begun) {
        if (kept == begun) {
            kept = null;
        }
    }
}
