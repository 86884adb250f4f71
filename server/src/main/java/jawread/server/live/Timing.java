package jawread.server.live;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the parts of an answer took, for its header (W3C, Server Timing): for whoever wants to know where the time goes. */
public final class Timing {
    public static final String HEADER = "Server-Timing";

    private final List<String> parts = new ArrayList<>();
    private long last = System.nanoTime();

    /** The part that ends now. @param name of it, letters only */
    public void ends(String name) {
        long now = System.nanoTime();
        took(name, now - last);
        last = now;
    }

    public void took(String name, long nanos) {
        parts.add(String.format(Locale.ROOT, "%s;dur=%.2f", name, nanos / 1e6));
    }

    public String header() {
        return String.join(", ", parts);
    }
}
