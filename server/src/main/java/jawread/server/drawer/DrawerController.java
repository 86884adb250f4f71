package jawread.server.drawer;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.drawer.DrawerChanges.TypedCalibration;
import jawread.server.drawer.ZeroChecks.TypedCheck;
import jawread.server.words.Editions;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The drawer and its gauges. Whatever changes one gauge answers with its page. */
@RestController
class DrawerController {
    private final DrawerPages pages;
    private final GaugePages gaugePages;
    private final GaugeSets sets;
    private final DrawerChanges changes;
    private final ZeroChecks checks;
    private final ScreenTickets tickets;
    private final Words words;

    DrawerController(
            DrawerPages pages,
            GaugePages gaugePages,
            GaugeSets sets,
            DrawerChanges changes,
            ZeroChecks checks,
            ScreenTickets tickets,
            Words words) {
        this.pages = pages;
        this.gaugePages = gaugePages;
        this.sets = sets;
        this.changes = changes;
        this.checks = checks;
        this.tickets = tickets;
        this.words = words;
    }

    record GaugesBody(@Valid List<TypedGauge> gauges) {}

    /** @param first of the set @param frames how many, one for a single gauge */
    record GaugeSetBody(@Valid TypedGauge first, int frames) {}

    /** @param kind dropped, new-battery, switched-off, quarantined, back-in-use or retired @param words why; may be empty */
    record EventBody(
            String kind,
            @Size(max = 400, message = "long-note") String words) {}

    /**
     * @param master looked at on it; absent: on closed faces
     * @param shown what the gauge showed: the master's size, or the error on closed faces
     * @param done nothing, set-to-zero or sent-away
     * @param shownAfter when looked at again; empty where it was not
     * @param madeAt when it was made; absent: now
     */
    record CheckBody(
            @Nullable Long master,
            @TypedFigure String shown,
            String done,
            @TypedFigure String shownAfter,
            @TypedFigure String temperature,
            boolean unitConfirmed,
            @Nullable Instant madeAt) {}

    /** All that can be read with. */
    @Allowed(ANYONE)
    @GetMapping("/gauges")
    List<GaugeView> readable() {
        return pages.readable();
    }

    @Allowed(ANYONE)
    @GetMapping("/drawer")
    DrawerView drawer(HttpServletRequest request) {
        return pages.all(tickets.personAt(request));
    }

    /** The gauges that a first and a number of frames stand for, each named; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/drawer/sets")
    List<TypedGauge> set(@RequestBody GaugeSetBody body) {
        return sets.of(body.first(), body.frames());
    }

    /** Adds gauges, all or none. */
    @Allowed(PERSON)
    @PostMapping("/drawer/gauges")
    DrawerView add(@RequestBody GaugesBody body, HttpServletRequest request) {
        changes.add(body.gauges(), tickets.whoStandsAt(request));
        return pages.all(tickets.personAt(request));
    }

    @Allowed(ANYONE)
    @GetMapping("/drawer/gauges/{gauge}")
    GaugePageView gauge(@PathVariable long gauge, HttpServletRequest request) {
        return gaugePages.page(gauge, tickets.personAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/drawer/gauges/{gauge}")
    GaugePageView write(
            @PathVariable long gauge,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody TypedGauge body,
            HttpServletRequest request) {
        changes.write(gauge, Editions.of(ifMatch, words), body);
        return gauge(gauge, request);
    }

    @Allowed(PERSON)
    @PutMapping("/drawer/gauges/{gauge}/calibration")
    GaugePageView calibrated(
            @PathVariable long gauge,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody TypedCalibration body,
            HttpServletRequest request) {
        changes.calibrated(gauge, Editions.of(ifMatch, words), body, tickets.whoStandsAt(request));
        return gauge(gauge, request);
    }

    /** Writes down what befell a gauge. */
    @Allowed(PERSON)
    @PutMapping("/drawer/gauges/{gauge}/events/{id}")
    GaugePageView befell(
            @PathVariable long gauge, @PathVariable UUID id, @RequestBody EventBody body, HttpServletRequest request) {
        changes.befell(id, gauge, body.kind(), body.words(), tickets.whoStandsAt(request));
        return gauge(gauge, request);
    }

    /** Keeps a look at its zero. */
    @Allowed(PERSON)
    @PutMapping("/drawer/gauges/{gauge}/checks/{id}")
    GaugePageView check(
            @PathVariable long gauge, @PathVariable UUID id, @RequestBody CheckBody body, HttpServletRequest request) {
        checks.keep(
                id,
                gauge,
                new TypedCheck(
                        Optional.ofNullable(body.master()),
                        body.shown(),
                        body.done(),
                        body.shownAfter(),
                        body.temperature(),
                        body.unitConfirmed()),
                tickets.whoStandsAt(request),
                Optional.ofNullable(body.madeAt()));
        return gauge(gauge, request);
    }

    /** @param kind of feature @param size as typed @param readings a place */
    @Allowed(ANYONE)
    @GetMapping("/drawer/gauges/{gauge}/uncertainty")
    UncertaintyView uncertainty(
            @PathVariable long gauge,
            @RequestParam(required = false) Long reader,
            @RequestParam String kind,
            @RequestParam String size,
            @RequestParam(defaultValue = "2") int readings,
            HttpServletRequest request) {
        return gaugePages.uncertainty(
                gauge,
                Optional.ofNullable(reader),
                kind,
                size,
                Math.max(1, Math.min(readings, 100)),
                tickets.personAt(request));
    }
}
