package jawread.server.signal;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.live.Listening;
import jawread.server.signal.SignalView.SaidLineView;
import jawread.server.signal.SignalView.SerialView;
import jawread.server.signal.SignalView.TrayFigureView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Gauges that speak: which screen listens to which, and what they have sent that nobody has taken. */
@RestController
class SignalController {
    private final GaugePort port;
    private final SerialGauges serial;
    private final GaugeFigures figures;
    private final Listening listening;
    private final Speakers speakers;
    private final LastLines lines;
    private final Drawer drawer;
    private final ScreenTickets tickets;

    SignalController(
            GaugePort port,
            SerialGauges serial,
            GaugeFigures figures,
            Listening listening,
            Speakers speakers,
            LastLines lines,
            Drawer drawer,
            ScreenTickets tickets) {
        this.port = port;
        this.serial = serial;
        this.figures = figures;
        this.listening = listening;
        this.speakers = speakers;
        this.lines = lines;
        this.drawer = drawer;
        this.tickets = tickets;
    }

    /** @param gauge absent: to none any more */
    record ListenBody(@Nullable Long gauge) {}

    record AsideBody(
            @Size(max = 200, message = "text-longer") String reason) {}

    /** The port, who speaks there, and what was said last. */
    @Allowed(ANYONE)
    @GetMapping("/gauge-port")
    SignalView now() {
        return new SignalView(
                port.number().orElse(null),
                port.trouble().isEmpty() ? null : port.trouble(),
                port.boxes(),
                speakers.gauges().stream().sorted().toList(),
                serial.all().stream()
                        .map(heard -> new SerialView(
                                heard.gauge().gauge(),
                                heard.gauge().port(),
                                heard.gauge().baud(),
                                heard.trouble().isEmpty() ? null : heard.trouble()))
                        .toList(),
                lines.all().stream()
                        .map(said -> new SaidLineView(said.at(), said.from(), said.line(), said.answer()))
                        .toList());
    }

    /** Figures that nobody has taken for a reading: a reading that bears the id of one is that. */
    @Allowed(ANYONE)
    @GetMapping("/gauge-figures")
    List<TrayFigureView> tray() {
        Map<Long, String> numbers = drawer.all().stream().collect(Collectors.toMap(Gauge::id, Gauge::shopNumber));
        return figures.waiting().stream()
                .map(figure -> new TrayFigureView(
                        figure.id(),
                        figure.gauge(),
                        numbers.get(figure.gauge()),
                        figure.figure(),
                        figure.line(),
                        figure.told(),
                        figure.isAsked(),
                        figure.flags().isSimulated(),
                        figure.offeredTo().orElse(null),
                        figure.takenAt()))
                .toList();
    }

    /** Said again every few seconds; forgotten after 20 seconds without it. @param screen an id that the page has made */
    @Allowed(MEASURES)
    @PutMapping("/listening/{screen}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void listen(@PathVariable UUID screen, @RequestBody ListenBody body) {
        if (body.gauge() == null) {
            listening.stops(screen);
        } else {
            listening.listens(screen, drawer.byId(body.gauge()).id());
        }
    }

    /** It was no reading. Once, however often it is said. */
    @Allowed(MEASURES)
    @PutMapping("/gauge-figures/{id}/aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setAside(@PathVariable UUID id, @RequestBody AsideBody body, HttpServletRequest request) {
        figures.setAside(id, body.reason(), tickets.whoStandsAt(request));
    }
}
