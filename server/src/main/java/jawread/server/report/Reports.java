package jawread.server.report;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.job.Jobs;
import jawread.server.paper.Block;
import jawread.server.paper.Document;
import jawread.server.settings.ShopMark;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
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
    private final ShopMark mark;
    private final Words words;

    Reports(
            Jobs jobs,
            JobOnPaper onPaper,
            FullReport full,
            OnePage onePage,
            BlankSheet blank,
            ShopMark mark,
            Words words) {
        this.jobs = jobs;
        this.onPaper = onPaper;
        this.full = full;
        this.onePage = onePage;
        this.blank = blank;
        this.mark = mark;
        this.words = words;
    }

    /** The form of a code. Refuses any that is not among those there are. */
    public ReportForm form(String code, ReportForm... among) {
        return ReportForm.of(code)
                .filter(form -> List.of(among).contains(form))
                .orElseThrow(() -> Refused.of(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "no-such-report",
                        words.say(
                                "problem.no-such-report",
                                Map.of(
                                        "forms",
                                        Stream.of(among).map(ReportForm::code).collect(Collectors.joining(", "))))));
    }

    /** Refuses an unknown job with 404. */
    @Transactional(readOnly = true)
    public Document of(long jobId, ReportForm form) {
        return of(onPaper.of(jobs.job(jobId)), form);
    }

    /** Several forms of one moment, from what is found once. */
    @Transactional(readOnly = true)
    public Map<ReportForm, Document> of(long jobId, List<ReportForm> forms) {
        Paper paper = onPaper.of(jobs.job(jobId));
        return forms.stream().collect(Collectors.toMap(form -> form, form -> of(paper, form)));
    }

    private Document of(Paper paper, ReportForm form) {
        List<Block> blocks = switch (form) {
            case FULL -> full.of(paper);
            case ONE_PAGE -> onePage.of(paper);
            case BLANK -> blank.of(paper);
        };
        return new Document(mark.picture(), paper.job().name(), onPaper.running(paper, form), blocks);
    }

    /** What is still missing of a job, in a sentence; empty where nothing is. */
    @Transactional(readOnly = true)
    public Optional<String> halfDone(long jobId) {
        return onPaper.halfDone(onPaper.progress(jobs.job(jobId)));
    }
}
