package jawread.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import jawread.server.door.Api;
import jawread.server.words.Problems;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import tools.jackson.databind.json.JsonMapper;

/**
 * What stands before a shop that other machines can reach: its passphrase, asked for once a browser. A shop that only its own machine
 * reaches has no doorstep. Who somebody is, is asked behind it.
 */
@Configuration
class Doorstep {
    /** Where the passphrase is said. */
    static final String PATH = "/enter";

    private static final Logger LOG = LoggerFactory.getLogger(Doorstep.class);
    private static final String INSIDE = "inside";

    private final Reach reach;
    private final Passphrase passphrase;
    private final Tries tries;
    private final ScreenTickets tickets;
    private final Words words;
    private final JsonMapper json;

    Doorstep(Reach reach, Passphrase passphrase, Tries tries, ScreenTickets tickets, Words words, JsonMapper json) {
        this.reach = reach;
        this.passphrase = passphrase;
        this.tries = tries;
        this.tickets = tickets;
        this.words = words;
        this.json = json;
    }

    @EventListener(ApplicationReadyEvent.class)
    void sayWhoCanReachIt() {
        LOG.info(
                "{}",
                reach.isBeyondThisMachine()
                        ? "Opened on " + reach.address()
                                + ": every machine that reaches this one can, with the shop's passphrase."
                        : "Opened for this machine alone: no other reaches it.");
    }

    @Bean
    SecurityFilterChain asking(HttpSecurity http) throws Exception {
        // The guards before it refuse what comes from foreign pages, and give every answer its headers.
        http.csrf(AbstractHttpConfigurer::disable)
                .headers(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .authenticationProvider(new BySaying());
        if (!reach.isBeyondThisMachine()) {
            return http.securityMatcher(request -> false).build();
        }
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(PATH, "/enter.css")
                        .permitAll()
                        // It proves itself by the secret of the shop's folder, which the rule of its endpoint looks at.
                        .requestMatchers(request -> request.getHeader(FolderSecret.HEADER) != null
                                && FolderSecret.OPENS.contains(request.getRequestURI()))
                        .permitAll()
                        .requestMatchers(tickets::isLetInByToken)
                        .permitAll()
                        .anyRequest()
                        .hasAuthority(INSIDE))
                .formLogin(form -> form.loginPage(PATH)
                        .loginProcessingUrl(PATH)
                        .passwordParameter("passphrase")
                        .defaultSuccessUrl("/", true)
                        .failureHandler((request, response, failure) -> response.sendRedirect(PATH
                                + (failure instanceof LockedException wait ? "?wait=" + wait.getMessage() : "?wrong"))))
                .exceptionHandling(refused -> refused.authenticationEntryPoint(this::ask))
                .build();
    }

    private void ask(HttpServletRequest request, HttpServletResponse response, AuthenticationException unknown)
            throws IOException {
        if (!request.getRequestURI().startsWith(Api.V1)) {
            response.sendRedirect(PATH);
            return;
        }
        response.setStatus(HttpStatus.UNAUTHORIZED.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        json.writeValue(response.getWriter(), whyNot(request));
    }

    private ProblemDetail whyNot(HttpServletRequest request) {
        try {
            tickets.shown(request);
        } catch (Refused token) {
            return Problems.of(token);
        }
        return Problems.problem(HttpStatus.UNAUTHORIZED, "passphrase-wanted", words.say("problem.passphrase-wanted"));
    }

    /** One at a time: a hash is slow on purpose, and many at once would hold up whoever measures. */
    private final class BySaying implements AuthenticationProvider {
        @Override
        public synchronized Authentication authenticate(Authentication said) {
            String address =
                    said.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : "";
            Duration wait = tries.wait(address);
            if (!wait.isZero()) {
                throw new LockedException(Long.toString(1 + wait.toMinutes()));
            }
            if (!passphrase.is(String.valueOf(said.getCredentials()))) {
                tries.wasWrong(address);
                throw new BadCredentialsException("wrong");
            }
            tries.wasRight(address);
            return UsernamePasswordAuthenticationToken.authenticated(
                    INSIDE, null, List.of(new SimpleGrantedAuthority(INSIDE)));
        }

        @Override
        public boolean supports(Class<?> kind) {
            return UsernamePasswordAuthenticationToken.class.isAssignableFrom(kind);
        }
    }
}
