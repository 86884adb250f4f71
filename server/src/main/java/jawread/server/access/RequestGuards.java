package jawread.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Optional;
import java.util.Set;
import jawread.server.words.Problems;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * The guards every request passes: a host name on the list (so that no foreign name can be pointed at this server),
 * writes only from our own pages and as JSON (so that no foreign page can write with a visitor's ticket), and answers that
 * let a page load nothing from elsewhere.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestGuards extends OncePerRequestFilter {
    static final String CONTENT_SECURITY_POLICY = "default-src 'self'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
    /** The one page with a form that a browser sends by itself. */
    private static final String POLICY_OF_THE_FORM =
            CONTENT_SECURITY_POLICY.replace("form-action 'none'", "form-action 'self'");

    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");

    private final Shop shop;
    private final Words words;
    private final JsonMapper json;

    RequestGuards(Shop shop, Words words, JsonMapper json) {
        this.shop = shop;
        this.words = words;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader(
                "Content-Security-Policy",
                request.getRequestURI().equals(Doorstep.PATH) ? POLICY_OF_THE_FORM : CONTENT_SECURITY_POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (!isOurs(bareHost(request))) {
            refuse(response, HttpStatus.MISDIRECTED_REQUEST, "host-not-allowed");
        } else if (!READS.contains(request.getMethod()) && !isSameOrigin(request)) {
            refuse(response, HttpStatus.FORBIDDEN, "foreign-origin");
        } else if (!READS.contains(request.getMethod()) && !isOfNoForm(request) && !isPassphrase(request)) {
            refuse(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "json-only");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** A number of this machine is no name that somebody else could point here. */
    private boolean isOurs(String host) {
        return shop.allowedHosts().contains(host) || host.equals("127.0.0.1") || host.equals("[::1]");
    }

    private static String bareHost(HttpServletRequest request) {
        return Optional.ofNullable(request.getHeader(HttpHeaders.HOST))
                .map(host -> host.replaceFirst(":\\d+$", ""))
                .orElse("");
    }

    /** Browsers always name the origin of a write; a program that names none carries nobody's ticket by accident. */
    private static boolean isSameOrigin(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return (site == null || site.equals("same-origin"))
                && (origin == null || authorityOf(origin).equals(request.getHeader(HttpHeaders.HOST)));
    }

    /** Whether it is known to come from a page of ours, and not only not known to come from another. */
    static boolean isOfOurPages(HttpServletRequest request) {
        return isSameOrigin(request)
                && (request.getHeader("Sec-Fetch-Site") != null || request.getHeader(HttpHeaders.ORIGIN) != null);
    }

    private static boolean isPassphrase(HttpServletRequest request) {
        return request.getRequestURI().equals(Doorstep.PATH)
                && request.getMethod().equals("POST");
    }

    private static String authorityOf(String origin) {
        try {
            return Optional.ofNullable(URI.create(origin).getAuthority()).orElse("");
        } catch (IllegalArgumentException nonsense) {
            return "";
        }
    }

    /** What a foreign page's form cannot send: a browser asks before it sends either. */
    private static boolean isOfNoForm(HttpServletRequest request) {
        String type = request.getContentType();
        String plain = type == null ? "" : type.split(";", 2)[0].strip();
        return plain.equalsIgnoreCase(MediaType.APPLICATION_JSON_VALUE)
                || plain.equalsIgnoreCase(MediaType.APPLICATION_OCTET_STREAM_VALUE);
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String code) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        json.writeValue(response.getWriter(), Problems.problem(status, code, words.say("problem." + code)));
    }
}
