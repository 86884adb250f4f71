package jawread.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Finds out, from the ticket that a browser carries, who stands at its screen. */
@Component
public class ScreenTickets {
    static final String COOKIE = "jawread-screen";
    private final People people;

    ScreenTickets(People people) {
        this.people = people;
    }

    public Optional<Person> personAt(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return (cookies == null ? Stream.<Cookie>empty() : Arrays.stream(cookies))
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .findFirst()
                .flatMap(cookie -> ticket(cookie.getValue()))
                .flatMap(people::at);
    }

    /** For an endpoint whose rule is PERSON, where there is one. */
    public Person whoStandsAt(HttpServletRequest request) {
        return personAt(request).orElseThrow();
    }

    private static Optional<UUID> ticket(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notOurs) {
            return Optional.empty();
        }
    }
}
