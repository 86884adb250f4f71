package jawread.box;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Starts a box of gauges without metal. */
public final class BoxProgram {
    private static final int PAGE = 8090;
    private static final int PORT = 4810;

    private BoxProgram() {}

    public static boolean isMeant(String... arguments) {
        return List.of(arguments).equals(List.of("gauges"));
    }

    /**
     * Runs until it is ended.
     *
     * @param environment JAWREAD_BOX: the number of its page, 8090 otherwise; JAWREAD_GAUGE_PORT and JAWREAD_GAUGE_HOST: where the shop
     *     listens, port 4810 of this machine otherwise; JAWREAD_GAUGE_TOKEN: for the port of another machine
     * @return the exit code where it could not be started
     */
    public static int run(Map<String, String> environment) {
        try {
            var box = new BoxServer(
                    Integer.parseInt(environment.getOrDefault("JAWREAD_BOX", String.valueOf(PAGE))),
                    new InetSocketAddress(
                            environment.getOrDefault(
                                    "JAWREAD_GAUGE_HOST",
                                    InetAddress.getLoopbackAddress().getHostAddress()),
                            Integer.parseInt(environment.getOrDefault("JAWREAD_GAUGE_PORT", String.valueOf(PORT)))),
                    environment.getOrDefault("JAWREAD_GAUGE_TOKEN", ""),
                    new Random(),
                    Clock.systemUTC());
            box.start();
            System.out.println("The box of gauges opens on http://localhost:" + box.number());
            Thread.currentThread().join();
            return 0;
        } catch (IOException | IllegalArgumentException failure) {
            System.err.println("The box could not be opened: " + failure.getMessage());
            return 1;
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return 0;
        }
    }
}
