package jawread.server.access;

import static jawread.server.access.Allowed.To.ANYONE;

import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The people of the shop, and who stands at this screen. */
@RestController
@RequestMapping("/api")
class AccessController {
    /** A screen stays with its person until somebody else steps up; the browser keeps the ticket for a year. */
    private static final Duration TICKET_LIFE = Duration.ofDays(365);

    private final People people;

    AccessController(People people) {
        this.people = people;
    }

    record NewPerson(
            String name,
            @Size(max = 60, message = "text-longer") String does) {}

    record NewSession(long person) {}

    /** Nothing at all: the round trip that benchmarks are measured beside. */
    record Nothing() {}

    @Allowed(ANYONE)
    @GetMapping("/nothing")
    Nothing nothing() {
        return new Nothing();
    }

    @Allowed(ANYONE)
    @GetMapping("/people")
    List<PersonView> people() {
        return people.all().stream().map(PersonView::of).toList();
    }

    @Allowed(value = ANYONE, keeps = true)
    @PostMapping("/people")
    ResponseEntity<PersonView> add(@RequestBody NewPerson person) {
        return ResponseEntity.status(HttpStatus.CREATED).body(PersonView.of(people.add(person.name(), person.does())));
    }

    @Allowed(value = ANYONE, keeps = true)
    @PostMapping("/sessions")
    ResponseEntity<PersonView> stepUp(@RequestBody NewSession session) {
        UUID ticket = people.stepUp(session.person());
        ResponseCookie cookie = ResponseCookie.from(ScreenTickets.COOKIE, ticket.toString())
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(TICKET_LIFE)
                .build();
        return ResponseEntity.status(HttpStatus.CREATED)
                .header(HttpHeaders.SET_COOKIE, cookie.toString())
                .body(PersonView.of(people.byId(session.person())));
    }
}
