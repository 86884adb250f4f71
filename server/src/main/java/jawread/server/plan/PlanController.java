package jawread.server.plan;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import jawread.core.plan.TypedFeature;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.job.PartShape;
import jawread.server.job.PlanHead;
import jawread.server.job.RoundNames;
import jawread.server.plan.KindsOfPart.PartOnList;
import jawread.server.plan.PlanView.PlanChangedView;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/**
 * Plans. Whatever changes answers with the whole plan, but for a change of features, which answers with them. The edition of each
 * thing that can be changed stands beside it, and goes back in If-Match; the plan as a whole has no tag, for it is made of many.
 */
@RestController
class PlanController {
    private final KindsOfPart kinds;
    private final PlanChanges changes;
    private final PlanViews views;
    private final ScreenTickets tickets;
    private final Words words;

    PlanController(KindsOfPart kinds, PlanChanges changes, PlanViews views, ScreenTickets tickets, Words words) {
        this.kinds = kinds;
        this.changes = changes;
        this.views = views;
        this.tickets = tickets;
        this.words = words;
    }

    /** @param shape shaft, barrel, bush or plate @param rounds cuts or as-left */
    record PlanHeadBody(String name, String shape, String rounds) {}

    /** @param id absent for a new part @param hours running hours as typed; empty where nobody counts */
    record PartBody(
            @Nullable Long id,
            String name,
            @Size(max = 80, message = "part-name") String mark,
            @TypedFigure String hours) {}

    record PartsBody(
            @Valid @Size(max = 1000, message = "list-too-long")
            List<PartBody> parts) {}

    record PastedTextView(String text) {}

    /** @param withTitle whether its title block is taken along, so that its sizes are understood by it; absent: they are not */
    record PastedBody(
            @Size(max = 1000000, message = "text-longer") String text,
            @Nullable Boolean withTitle) {}

    @Allowed(PERSON)
    @PostMapping("/jobs/{job}/plans")
    PlanView addPlan(@PathVariable long job, @RequestBody PlanHeadBody body, HttpServletRequest request) {
        kinds.add(job, head(body), tickets.whoStandsAt(request));
        return views.of(job);
    }

    @Allowed(PERSON)
    @PutMapping("/plans/{plan}")
    PlanView writePlan(
            @PathVariable long plan,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody PlanHeadBody body) {
        return views.of(
                kinds.write(plan, Editions.of(ifMatch, words), head(body)).job().id());
    }

    @Allowed(PERSON)
    @PutMapping("/plans/{plan}/parts")
    PlanView writeParts(
            @PathVariable long plan,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody PartsBody body) {
        List<PartOnList> list = body.parts().stream()
                .map(part -> new PartOnList(Optional.ofNullable(part.id()), part.name(), part.mark(), part.hours()))
                .toList();
        return views.of(
                kinds.writeParts(plan, Editions.of(ifMatch, words), list).job().id());
    }

    /** Changes some features of a plan, all or none. */
    @Allowed(PERSON)
    @PostMapping("/plans/{plan}/changes")
    PlanChangedView change(@PathVariable long plan, @RequestBody PlanChange body, HttpServletRequest request) {
        return views.changed(changes.make(plan, body, tickets.whoStandsAt(request)));
    }

    /** What would be understood of a feature; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/plans/{plan}/understood")
    PlannedView understand(@PathVariable long plan, @RequestBody TypedFeature body) {
        return views.understood(plan, body);
    }

    /** What would be understood of a pasted table; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/plans/{plan}/pasted")
    PastedView paste(@PathVariable long plan, @RequestBody PastedBody body) {
        return views.pasted(plan, body.text(), Boolean.TRUE.equals(body.withTitle()));
    }

    /** A spreadsheet's file as the text that would be pasted from it; keeps nothing. */
    @Allowed(PERSON)
    @PostMapping(path = "/tables/text", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    PastedTextView text(@RequestBody byte[] file) {
        return new PastedTextView(TableText.of(file, words));
    }

    private PlanHead head(PlanHeadBody body) {
        return new PlanHead(
                body.name(),
                PartShape.of(body.shape()).orElseThrow(() -> Refused.field("shape", "bad-shape", words)),
                RoundNames.of(body.rounds()).orElseThrow(() -> Refused.field("rounds", "bad-rounds", words)));
    }
}
