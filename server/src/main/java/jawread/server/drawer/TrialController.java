package jawread.server.drawer;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import jawread.server.drawer.Studies.TypedStudy;
import jawread.server.drawer.TrialPages.StudySoFarView;
import jawread.server.drawer.TrialPages.TrialSoFarView;
import jawread.server.drawer.Trials.TypedTrial;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Known-size trials and studies. What is kept answers with the page of its gauge. */
@RestController
class TrialController {
    private final TrialPages pages;
    private final GaugePages gaugePages;
    private final Trials trials;
    private final Studies studies;
    private final ScreenTickets tickets;

    TrialController(TrialPages pages, GaugePages gaugePages, Trials trials, Studies studies, ScreenTickets tickets) {
        this.pages = pages;
        this.gaugePages = gaugePages;
        this.trials = trials;
        this.studies = studies;
        this.tickets = tickets;
    }

    record TrialBody(long gauge, @Nullable Long reader, long master, List<String> readings) {
        private TypedTrial typed() {
            return new TypedTrial(gauge, Optional.ofNullable(reader), master, readings);
        }
    }

    /** What a trial comes to so far; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/trials/understood")
    TrialSoFarView trialSoFar(@RequestBody TrialBody body) {
        return pages.trial(body.typed());
    }

    @Allowed(PERSON)
    @PutMapping("/trials/{id}")
    GaugePageView keepTrial(@PathVariable UUID id, @RequestBody TrialBody body, HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        trials.keep(id, body.typed(), person);
        return gaugePages.page(body.gauge(), Optional.of(person));
    }

    /** What a study comes to so far; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/studies/understood")
    StudySoFarView studySoFar(@RequestBody TypedStudy body) {
        return pages.study(body);
    }

    @Allowed(PERSON)
    @PutMapping("/studies/{id}")
    GaugePageView keepStudy(@PathVariable UUID id, @RequestBody TypedStudy body, HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        studies.keep(id, body, person);
        return gaugePages.page(body.gauge(), Optional.of(person));
    }
}
