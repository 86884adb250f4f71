package jawread.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * An address without a version means the first version. So a page that was loaded before there were versions can still send the readings
 * that it holds, and programs that compute at /api/calc go on. Whatever looks at the request later sees the address with its version.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Unversioned extends OncePerRequestFilter {
    private static final String ALL = "/api/";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String address = request.getRequestURI();
        boolean isOld = address.startsWith(ALL) && !address.startsWith(Api.V1 + "/") && !address.equals(Api.V1);
        chain.doFilter(isOld ? new OfTheFirst(request) : request, response);
    }

    private static final class OfTheFirst extends HttpServletRequestWrapper {
        private OfTheFirst(HttpServletRequest request) {
            super(request);
        }

        private static String withVersion(String path) {
            return path.startsWith(ALL) ? Api.V1 + path.substring(ALL.length() - 1) : path;
        }

        @Override
        public String getRequestURI() {
            return withVersion(super.getRequestURI());
        }

        @Override
        public String getServletPath() {
            return withVersion(super.getServletPath());
        }

        @Override
        public StringBuffer getRequestURL() {
            String url = super.getRequestURL().toString();
            String path = super.getRequestURI();
            return new StringBuffer(url.substring(0, url.length() - path.length()) + withVersion(path));
        }
    }
}
