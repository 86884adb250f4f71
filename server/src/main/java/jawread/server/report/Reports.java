package jawread.server.report;

import java.util.List;
import java.util.Optional;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts a job on paper, as it is now. */
@Service
public class Reports {
    private final Jobs jobs;
    private final JobOnPaper onPaper;
    private final FullReport full;
    private final OnePage onePage;
    private final BlankSheet blank;

    Reports(Jobs jobs, JobOnPaper onPaper, FullReport full, OnePage onePage, BlankSheet blank) {
        this.jobs = jobs;
        this.onPaper = onPaper;
        this.full = full;
        this.onePage = onePage;
        this.blank = blank;
    }

    /** Refuses an unknown job with 404. */
    @Transactional(readOnly = true)
    public Document of(long jobId, ReportForm form) {
        Job job = jobs.job(jobId);
        Paper paper = onPaper.of(job);
        List<Block> blocks = switch (form) {
            case FULL -> full.of(paper);
            case ONE_PAGE -> onePage.of(paper);
            case BLANK -> blank.of(paper);
        };
        return new Document(job.name(), onPaper.running(paper, form), blocks);
    }

    /** What is still missing of a job, in a sentence; empty where nothing is. */
    @Transactional(readOnly = true)
    public Optional<String> halfDone(long jobId) {
        return onPaper.halfDone(onPaper.of(jobs.job(jobId)));
    }
}
