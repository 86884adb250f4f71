package jawread.server.plan;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.util.List;
import java.util.Map;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.Api;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.Jobs;
import jawread.server.words.Editions;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Jobs: opened, headed, put away. */
@RestController
class JobController {
    private final Jobs jobs;
    private final Planning planning;
    private final HeadRules heads;
    private final PlanViews views;
    private final ScreenTickets tickets;
    private final Words words;

    JobController(Jobs jobs, Planning planning, HeadRules heads, PlanViews views, ScreenTickets tickets, Words words) {
        this.jobs = jobs;
        this.planning = planning;
        this.heads = heads;
        this.views = views;
        this.tickets = tickets;
        this.words = words;
    }

    record ListedJobView(long id, String name, String about, boolean archived) {}

    /** @param unit in or mm */
    record HeadBody(
            String name,
            String about,
            String limitsSource,
            String customerReference,
            String unit,
            @Size(max = 40, message = "text-longer") String material,
            @Size(max = 20, message = "text-longer") String temperature,
            boolean livesHangOnIt,
            String decider,
            Map<String, String> choices) {}

    /**
     * @param template to start from; empty for an empty plan
     * @param copyOf a job to start from; absent otherwise
     * @param practice whether it is to learn: what is measured in it counts nowhere else; absent: it is not. A copy is what it is a copy of
     */
    record NewJobBody(
            String name,
            String limitsSource,
            String unit,
            String template,
            @Nullable Long copyOf,
            @Nullable Boolean practice) {}

    record ArchiveBody(boolean archived) {}

    @Allowed(ANYONE)
    @GetMapping("/jobs")
    List<ListedJobView> all() {
        return jobs.all().stream()
                .map(job -> new ListedJobView(
                        job.id(), job.name(), job.about(), job.archivedAt().isPresent()))
                .toList();
    }

    @Allowed(ANYONE)
    @GetMapping("/templates")
    List<String> templates() {
        return Templates.codes();
    }

    @Allowed(PERSON)
    @PostMapping("/jobs")
    ResponseEntity<PlanView> open(@RequestBody NewJobBody body, HttpServletRequest request) {
        var person = tickets.whoStandsAt(request);
        Job job = body.copyOf() != null
                ? planning.copy(body.copyOf(), person)
                : planning.open(
                        JobHead.called(body.name(), heads.unit(body.unit())).from(body.limitsSource()),
                        body.template(),
                        Boolean.TRUE.equals(body.practice()),
                        person);
        return ResponseEntity.created(URI.create(Api.V1 + "/jobs/" + job.id())).body(views.of(job.id()));
    }

    @Allowed(ANYONE)
    @GetMapping("/jobs/{job}/plan")
    PlanView plan(@PathVariable long job) {
        return views.of(job);
    }

    @Allowed(PERSON)
    @PutMapping("/jobs/{job}")
    PlanView write(
            @PathVariable long job,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody HeadBody body,
            HttpServletRequest request) {
        planning.write(
                job,
                Editions.of(ifMatch, words),
                new JobHead(
                        body.name(),
                        body.about(),
                        body.limitsSource(),
                        body.customerReference(),
                        heads.unit(body.unit()),
                        body.material(),
                        body.temperature(),
                        body.livesHangOnIt(),
                        body.decider()),
                body.choices(),
                tickets.whoStandsAt(request));
        return views.of(job);
    }

    @Allowed(PERSON)
    @PutMapping("/jobs/{job}/archived")
    PlanView archive(@PathVariable long job, @RequestBody ArchiveBody body) {
        planning.archive(job, body.archived());
        return views.of(job);
    }
}
