package jawread.server.access;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.server.access.People.Ticket;
import jawread.server.access.ScriptTokens.Role;
import jawread.server.access.ScriptTokens.Token;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Finds out, from the tickets that a browser carries, whose a request is. A browser keeps one ticket for each person who ever stood
 * at it: what was typed by somebody is sent with theirs, whoever stands there by then.
 */
@Component
public class ScreenTickets {
    /** Of whoever stands there now; with a person's number behind it, that person's. */
    static final String COOKIE = "jawread-screen";
    /** By whose ticket a request is meant to be done; without it by that of whoever stands there. */
    static final String PERSON = "Jawread-Person";

    private static final String SHOWN = ScreenTickets.class.getName();

    private static final String BEARER = "Bearer";

    private final People people;
    private final ScriptTokens tokens;
    private final Words words;

    ScreenTickets(People people, ScriptTokens tokens, Words words) {
        this.people = people;
        this.tokens = tokens;
        this.words = words;
    }

    /**
     * Whose ticket a request bears.
     *
     * @param ended the ticket was good once, or is not at this screen any more
     * @param readsOnly it is a program's, which keeps nothing
     */
    record Shown(Person person, boolean ended, boolean readsOnly) {
        private static Shown at(Person person, boolean ended) {
            return new Shown(person, ended, false);
        }
    }

    /** Whether a program shows a token; what it is worth is found by {@link #shown}. */
    static boolean isByToken(HttpServletRequest request) {
        return secretOf(request).isPresent();
    }

    /** Whether a program shows a token that is good. */
    boolean isLetInByToken(HttpServletRequest request) {
        try {
            return isByToken(request) && shown(request).isPresent();
        } catch (Refused notGood) {
            return false;
        }
    }

    private static Optional<String> secretOf(HttpServletRequest request) {
        return Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                .filter(header -> header.regionMatches(true, 0, BEARER, 0, BEARER.length()))
                .map(header -> header.substring(BEARER.length()).strip());
    }

    static String cookieOf(long person) {
        return COOKIE + "-" + person;
    }

    /** Looked for once a request. Refuses a token that is nobody's, or has ended, with 401. */
    Optional<Shown> shown(HttpServletRequest request) {
        if (request.getAttribute(SHOWN) instanceof Optional<?> known) {
            return known.map(Shown.class::cast);
        }
        Optional<Shown> shown = look(request);
        request.setAttribute(SHOWN, shown);
        return shown;
    }

    private Optional<Shown> look(HttpServletRequest request) {
        Optional<Token> token = secretOf(request).map(tokens::of);
        if (token.isPresent()) {
            return token.map(each -> new Shown(each.person(), false, each.role() == Role.READS));
        }
        String meant = request.getHeader(PERSON);
        if (meant == null) {
            return ticket(request, COOKIE).map(this::shown);
        }
        return number(meant)
                .flatMap(people::find)
                .map(person -> Stream.of(cookieOf(person.id()), COOKIE)
                        .map(cookie -> ticket(request, cookie))
                        .flatMap(Optional::stream)
                        .filter(ticket -> ticket.person().id() == person.id())
                        .map(this::shown)
                        .filter(shown -> !shown.ended())
                        .findFirst()
                        .orElse(Shown.at(person, true)));
    }

    private Shown shown(Ticket ticket) {
        return Shown.at(ticket.person(), people.hasEnded(ticket));
    }

    public Optional<Person> personAt(HttpServletRequest request) {
        return shown(request).filter(shown -> !shown.ended()).map(Shown::person);
    }

    /** For an endpoint whose rule is PERSON, where there is one. */
    public Person whoStandsAt(HttpServletRequest request) {
        return personAt(request).orElseThrow();
    }

    /**
     * The same, of a request whose body names a person as well, as programs of before sent it.
     *
     * @param named refused with 403 where it is another
     */
    public Person whoStandsAt(HttpServletRequest request, @Nullable Long named) {
        Person person = whoStandsAt(request);
        if (named != null && named != person.id()) {
            throw Refused.of(
                    HttpStatus.FORBIDDEN,
                    "another-persons-name",
                    words.say("problem.another-persons-name", java.util.Map.of("who", person.name())));
        }
        return person;
    }

    private Optional<Ticket> ticket(HttpServletRequest request, String name) {
        return secret(request, name).flatMap(people::ticket);
    }

    static Optional<String> secret(HttpServletRequest request, String cookie) {
        Cookie[] cookies = request.getCookies();
        return (cookies == null ? Stream.<Cookie>empty() : Arrays.stream(cookies))
                .filter(each -> each.getName().equals(cookie))
                .findFirst()
                .map(Cookie::getValue);
    }

    private static Optional<Long> number(String text) {
        try {
            return Optional.of(Long.valueOf(text));
        } catch (NumberFormatException notOurs) {
            return Optional.empty();
        }
    }
}
