package jawread.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import jawread.server.words.Problems;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/** A body over a megabyte is refused unread, and one that trickles in is not waited for: each holds a thread until it is here. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BodyLimits extends OncePerRequestFilter {
    /** A plan of 2000 features, typed in full, is half of it. */
    private static final int MOST_BYTES = 1_000_000;

    /** Where files are taken, and of how many bytes at most: a report of a long job, a picture, a job whole. */
    private static final Map<String, Integer> FILES = Map.of(
            Api.V1 + "/records/check", 16_000_000,
            Api.V1 + "/shop/mark", 4_000_000,
            Api.V1 + "/job-files", 32_000_000,
            Api.V1 + "/job-files/look", 32_000_000);

    /** A table of 100 000 readings. */
    private static final Pattern TABLES = Pattern.compile(Api.V1 + "/jobs/\\d+/readings-in(/look)?");

    private static final int MOST_OF_A_TABLE = 32_000_000;

    private static final long LONGEST_NS = TimeUnit.SECONDS.toNanos(20);

    private final Words words;
    private final JsonMapper json;

    BodyLimits(Words words, JsonMapper json) {
        this.words = words;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String address = request.getRequestURI();
        int most = TABLES.matcher(address).matches() ? MOST_OF_A_TABLE : FILES.getOrDefault(address, MOST_BYTES);
        if (request.getContentLengthLong() > most) {
            Refused refused = tooLarge(most);
            response.setStatus(refused.status().value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.setCharacterEncoding("UTF-8");
            // What follows is not read, so that nothing more can come on this connection.
            response.setHeader("Connection", "close");
            json.writeValue(response.getWriter(), Problems.of(refused));
            return;
        }
        chain.doFilter(new Limited(request, most, () -> tooLarge(most), this::tooSlow), response);
    }

    private Refused tooLarge(int most) {
        return Refused.of(
                HttpStatus.CONTENT_TOO_LARGE,
                "too-large",
                words.say("problem.too-large", Map.of("most", most / 1_000_000 + " MB")));
    }

    private Refused tooSlow() {
        return Refused.of(HttpStatus.REQUEST_TIMEOUT, "too-slow", words.say("problem.too-slow"));
    }

    /** A request whose body ends with a refusal once it is too long, in bytes or in time. */
    private static final class Limited extends HttpServletRequestWrapper {
        private final int most;
        private final Supplier<Refused> tooLarge;
        private final Supplier<Refused> tooSlow;

        private Limited(HttpServletRequest request, int most, Supplier<Refused> tooLarge, Supplier<Refused> tooSlow) {
            super(request);
            this.most = most;
            this.tooLarge = tooLarge;
            this.tooSlow = tooSlow;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream body = super.getInputStream();
            long end = System.nanoTime() + LONGEST_NS;
            return new ServletInputStream() {
                private long read;

                @Override
                public int read() throws IOException {
                    int next = body.read();
                    count(next < 0 ? 0 : 1);
                    return next;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    int count = body.read(into, from, length);
                    count(Math.max(0, count));
                    return count;
                }

                private void count(int bytes) {
                    read += bytes;
                    if (read > most) {
                        throw tooLarge.get();
                    }
                    if (System.nanoTime() > end) {
                        throw tooSlow.get();
                    }
                }

                @Override
                public boolean isFinished() {
                    return body.isFinished();
                }

                @Override
                public boolean isReady() {
                    return body.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    body.setReadListener(listener);
                }
            };
        }
    }
}
