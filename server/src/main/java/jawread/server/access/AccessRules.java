package jawread.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import jawread.server.access.ScreenTickets.Shown;
import jawread.server.journal.ByWhom;
import jawread.server.storage.Health;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/** Holds every endpoint of ours to its {@link Allowed} rule, and notes by whom what is done there is done. */
@Component
class AccessRules implements HandlerInterceptor {
    private static final String OURS = "jawread.";
    private final ScreenTickets tickets;
    private final FolderSecret secret;
    private final Words words;
    private final Health health;

    AccessRules(ScreenTickets tickets, FolderSecret secret, Words words, Health health) {
        this.tickets = tickets;
        this.secret = secret;
        this.words = words;
        this.health = health;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        ByWhom.forget();
        if (handler instanceof HandlerMethod method && isOurs(method)) {
            Allowed rule = method.getMethodAnnotation(Allowed.class);
            if (rule == null) {
                throw Refused.of(HttpStatus.FORBIDDEN, "no-rule", words.say("problem.no-rule"));
            }
            if (keeps(rule, request)) {
                health.refuseWithoutRoom();
            }
            // Anybody may look, and nobody asks whose ticket came with it. A program is told that its token has ended.
            if (rule.value() != Allowed.To.ANYONE || rule.keeps() || ScreenTickets.isByToken(request)) {
                hold(rule, request);
            }
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        ByWhom.forget();
    }

    private void hold(Allowed rule, HttpServletRequest request) {
        Optional<Shown> shown = tickets.shown(request);
        if (keeps(rule, request) && shown.filter(Shown::readsOnly).isPresent()) {
            throw Refused.of(HttpStatus.FORBIDDEN, "token-reads-only", words.say("problem.token-reads-only"));
        }
        shown.filter(each -> !each.ended())
                .ifPresent(each -> ByWhom.is(each.person().id()));
        switch (rule.value()) {
            case ANYONE -> {}
            case PERSON -> person(shown);
            case MEASURES -> {
                Person person = person(shown);
                if (!person.may(May.MEASURES)) {
                    throw Refused.of(
                            HttpStatus.FORBIDDEN,
                            "does-not-measure",
                            words.say("problem.does-not-measure", Map.of("who", person.name())));
                }
            }
            case HERE -> here(request, "not-from-here");
            case THE_WHOLE_SHOP -> theWholeShop(request, shown);
        }
    }

    private Person person(Optional<Shown> shown) {
        Person person = shown.map(Shown::person)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.UNAUTHORIZED, "nobody-picked", words.say("problem.nobody-picked")));
        if (shown.get().ended()) {
            throw Refused.of(
                    HttpStatus.UNAUTHORIZED,
                    "ticket-ended",
                    words.say("problem.ticket-ended", Map.of("who", person.name())));
        }
        return person;
    }

    private void here(HttpServletRequest request, String code) {
        if (!FromHere.is(request)) {
            throw Refused.of(HttpStatus.FORBIDDEN, code, words.say("problem." + code));
        }
    }

    private void theWholeShop(HttpServletRequest request, Optional<Shown> shown) {
        here(request, "backup-from-here");
        String said = request.getHeader(FolderSecret.HEADER);
        if (said != null) {
            if (!secret.isShown(said)) {
                throw Refused.of(HttpStatus.UNAUTHORIZED, "secret-not-right", words.say("problem.secret-not-right"));
            }
            return;
        }
        person(shown);
        if (!RequestGuards.isOfOurPages(request)) {
            throw Refused.of(HttpStatus.FORBIDDEN, "foreign-origin", words.say("problem.foreign-origin"));
        }
    }

    private static boolean keeps(Allowed rule, HttpServletRequest request) {
        boolean isLook = request.getMethod().equals("GET");
        return rule.keeps() || rule.value() != Allowed.To.ANYONE && !isLook;
    }

    private static boolean isOurs(HandlerMethod method) {
        return method.getBeanType().getPackageName().startsWith(OURS);
    }
}
