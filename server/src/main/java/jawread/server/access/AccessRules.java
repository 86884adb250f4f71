package jawread.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jawread.server.storage.Health;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/** Holds every endpoint of ours to its {@link Allowed} rule. */
@Component
class AccessRules implements HandlerInterceptor {
    private static final String OURS = "jawread.";
    private final ScreenTickets tickets;
    private final Words words;
    private final Health health;

    AccessRules(ScreenTickets tickets, Words words, Health health) {
        this.tickets = tickets;
        this.words = words;
        this.health = health;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method && isOurs(method)) {
            Allowed rule = method.getMethodAnnotation(Allowed.class);
            if (rule == null) {
                throw Refused.of(HttpStatus.FORBIDDEN, "no-rule", words.say("problem.no-rule"));
            }
            if (keeps(rule, request)) {
                health.refuseWithoutRoom();
            }
            if (rule.value() == Allowed.To.PERSON && tickets.personAt(request).isEmpty()) {
                throw Refused.of(HttpStatus.UNAUTHORIZED, "nobody-picked", words.say("problem.nobody-picked"));
            }
        }
        return true;
    }

    private static boolean keeps(Allowed rule, HttpServletRequest request) {
        boolean isLook = request.getMethod().equals("GET");
        return rule.keeps() || rule.value() == Allowed.To.PERSON && !isLook;
    }

    private static boolean isOurs(HandlerMethod method) {
        return method.getBeanType().getPackageName().startsWith(OURS);
    }
}
