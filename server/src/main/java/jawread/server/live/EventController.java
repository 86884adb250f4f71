package jawread.server.live;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.Optional;
import jawread.server.access.Allowed;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The event stream of a browser tab. */
@RestController
class EventController {
    private final EventStreams streams;

    EventController(EventStreams streams) {
        this.streams = streams;
    }

    /**
     * Says {@code {job, seq, what}} for each change.
     *
     * @param lastSeen by the browser itself when it reconnects
     * @param after by a page that opens its stream anew; without either only what comes from now on is told
     */
    @Allowed(ANYONE)
    @GetMapping(path = "/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(
            @RequestHeader(name = "Last-Event-ID", required = false) Long lastSeen,
            @RequestParam(name = "after", required = false) Long after) {
        return streams.open(Optional.ofNullable(lastSeen).or(() -> Optional.ofNullable(after)));
    }
}
