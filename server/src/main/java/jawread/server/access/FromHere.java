package jawread.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.stream.Stream;

/** From where a request comes. */
public final class FromHere {
    private FromHere() {}

    /** Whether it comes from the shop's own machine, and was not handed on there for somebody else. */
    public static boolean is(HttpServletRequest request) {
        return isLoopback(request)
                && Stream.of("Forwarded", "X-Forwarded-For", "X-Real-IP")
                        .allMatch(name -> request.getHeader(name) == null);
    }

    private static boolean isLoopback(HttpServletRequest request) {
        try {
            return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
        } catch (UnknownHostException notANumber) {
            return false;
        }
    }

    /** Where a screen is: its address and what kind of thing it is, as it says of itself. */
    static String screen(HttpServletRequest request) {
        String agent = request.getHeader("User-Agent");
        String kind = agent != null && agent.contains("Mobi") ? "phone" : "screen";
        return kind + " " + (is(request) ? "here" : request.getRemoteAddr());
    }
}
