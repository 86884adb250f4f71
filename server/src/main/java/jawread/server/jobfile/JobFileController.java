package jawread.server.jobfile;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import jawread.server.job.Jobs;
import jawread.server.jobfile.JobFileView.JobArrivedView;
import jawread.server.live.Underway;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Whole jobs as files, out and in. */
@RestController
class JobFileController {
    private final JobFiles files;
    private final JobFileLook look;
    private final JobsOut out;
    private final ScreenTickets tickets;
    private final Jobs jobs;
    private final Underway underway;

    JobFileController(
            JobFiles files, JobFileLook look, JobsOut out, ScreenTickets tickets, Jobs jobs, Underway underway) {
        this.files = files;
        this.look = look;
        this.out = out;
        this.tickets = tickets;
        this.jobs = jobs;
        this.underway = underway;
    }

    /** A job whole, as canonical JSON: see docs/schema/job-1.json. */
    @Allowed(ANYONE)
    @GetMapping(path = "/jobs/{job}/job.json", produces = MediaType.APPLICATION_JSON_VALUE)
    void write(@PathVariable long job, HttpServletResponse response) throws IOException, SQLException {
        jobs.job(job);
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"job-" + job + ".json\"");
        out.write(job, response.getOutputStream());
    }

    /** What a file of a job holds; nothing of it is kept. */
    @Allowed(MEASURES)
    @PostMapping(path = "/job-files/look", consumes = MediaType.APPLICATION_JSON_VALUE)
    JobFileView look(@RequestBody byte[] file) {
        return look.look(file);
    }

    /**
     * Keeps what of it is not here yet, all or nothing; the same file again keeps nothing.
     *
     * @param same gauges, masters and people of it that are those of this shop by the same name: {@code gauge:M3}
     * @param other those that are not, and get another name
     * @param id under which others may ask how far it is, and stop it
     */
    @Allowed(MEASURES)
    @PostMapping(path = "/job-files", consumes = MediaType.APPLICATION_JSON_VALUE)
    JobArrivedView bringIn(
            @RequestBody byte[] file,
            @RequestParam(defaultValue = "") List<String> same,
            @RequestParam(defaultValue = "") List<String> other,
            @RequestParam Optional<UUID> id,
            HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        return underway.under(id, progress -> files.bringIn(file, same, other, person, progress));
    }
}
