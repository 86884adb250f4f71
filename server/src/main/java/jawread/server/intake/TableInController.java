package jawread.server.intake;

import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import jawread.server.intake.TableInView.TableKeptView;
import jawread.server.live.Underway;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tables of readings brought into a job. */
@RestController
@RequestMapping("/jobs/{job}/readings-in")
class TableInController {
    private final TablesIn tables;
    private final Underway underway;
    private final ScreenTickets tickets;

    TableInController(TablesIn tables, Underway underway, ScreenTickets tickets) {
        this.tables = tables;
        this.underway = underway;
        this.tickets = tickets;
    }

    /**
     * What a CSV file or a workbook holds; nothing is kept.
     *
     * @param column what each column holds, from the left; none: as the program takes it
     * @param gauge of rows that name none
     * @param id that the sender asks under how far it is
     */
    @Allowed(MEASURES)
    @PostMapping(path = "/look", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    TableInView look(
            @PathVariable long job,
            @RequestBody byte[] file,
            @RequestParam(defaultValue = "") List<String> column,
            @RequestParam(defaultValue = "") String gauge,
            @RequestParam Optional<UUID> id,
            HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        return underway.under(id, progress -> tables.look(job, file, new How(column, gauge, false), person, progress));
    }

    /**
     * Keeps its readings: all, or none.
     *
     * @param onlyGood keeps the good rows where some are bad, and hands these back
     * @param again keeps the same file once more, as other readings
     */
    @Allowed(MEASURES)
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    TableKeptView keep(
            @PathVariable long job,
            @RequestBody byte[] file,
            @RequestParam(defaultValue = "") List<String> column,
            @RequestParam(defaultValue = "") String gauge,
            @RequestParam(defaultValue = "false") boolean onlyGood,
            @RequestParam(defaultValue = "false") boolean again,
            @RequestParam Optional<UUID> id,
            HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        return underway.under(
                id, progress -> tables.keep(job, file, new How(column, gauge, again), onlyGood, person, progress));
    }
}
