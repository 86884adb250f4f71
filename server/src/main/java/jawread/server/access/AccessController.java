package jawread.server.access;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.HERE;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The people of the shop, and who stands at this screen. */
@RestController
class AccessController {
    private final People people;
    private final Words words;

    AccessController(People people, Words words) {
        this.people = people;
        this.words = words;
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

    /** @param may all of what they may from now on: learns, measures, teaches, signs, keeps-the-drawer */
    record NewMay(List<String> may) {}

    /** Decides what somebody may; at the shop's own machine only. */
    @Allowed(HERE)
    @PutMapping("/people/{person}/may")
    PersonView decide(@PathVariable long person, @RequestBody NewMay body) {
        return PersonView.of(people.decide(person, body.may()));
    }

    /** The person touched steps up to this screen, for thirty days. */
    @Allowed(value = ANYONE, keeps = true)
    @PostMapping("/sessions")
    ResponseEntity<PersonView> stepUp(@RequestBody NewSession session, HttpServletRequest request) {
        String secret = people.stepUp(
                session.person(),
                FromHere.screen(request),
                ScreenTickets.secret(request, ScreenTickets.cookieOf(session.person())));
        return ResponseEntity.status(HttpStatus.CREATED)
                .header(
                        HttpHeaders.SET_COOKIE,
                        cookie(ScreenTickets.COOKIE, secret, request),
                        cookie(ScreenTickets.cookieOf(session.person()), secret, request))
                .body(PersonView.of(people.byId(session.person())));
    }

    private static String cookie(String name, String secret, HttpServletRequest request) {
        return ResponseCookie.from(name, secret)
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Strict")
                .path("/")
                .maxAge(People.TICKET_LIFE)
                .build()
                .toString();
    }

    /**
     * Somebody who is signed on.
     *
     * @param where the screen, in a few words
     */
    record SignedOnView(long id, String person, String where, Instant since, Instant until) {}

    /** Who is signed on where; at the shop's own machine only. */
    @Allowed(HERE)
    @GetMapping("/sessions")
    List<SignedOnView> signedOn() {
        return people.signedOn().stream()
                .map(each -> new SignedOnView(
                        each.id(), each.person(), where(each.screen()), each.openedAt(), each.endsAt()))
                .toList();
    }

    private String where(String screen) {
        String[] parts = screen.split(" ", 2);
        return parts.length < 2
                ? words.say("screen.before")
                : words.say(
                        "screen." + parts[0],
                        Map.of("where", parts[1].equals("here") ? words.say("screen.here") : parts[1]));
    }

    /** Ends somebody's ticket; at the shop's own machine only. */
    @Allowed(HERE)
    @PutMapping("/sessions/{session}/end")
    List<SignedOnView> end(@PathVariable long session) {
        people.end(session);
        return signedOn();
    }
}
