package jawread.browser;

import com.google.gson.Gson;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;

/** The box of simulated gauges, as it ships, in a process of its own. */
final class GaugeBox implements AutoCloseable {
    private static final Gson JSON = new Gson();
    private static final String OPENS = "The box of gauges opens on ";

    private final Process process;
    private final String address;

    /** @param port of the shop */
    GaugeBox(int port) throws IOException {
        ProcessBuilder builder = FastStart.prepared().program(List.of(), List.of("gauges"));
        builder.environment().putAll(Map.of("JAWREAD_BOX", "0", "JAWREAD_GAUGE_PORT", String.valueOf(port)));
        process = builder.start();
        var said = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        String line = said.readLine();
        while (line != null && !line.startsWith(OPENS)) {
            line = said.readLine();
        }
        if (line == null) {
            throw new IOException("The box did not open");
        }
        address = line.substring(OPENS.length());
    }

    /** Of its page. */
    String address() {
        return address;
    }

    /** Presses a button. @return all gauges, as they are then, in JSON */
    String act(String act, Map<String, String> said) throws IOException, InterruptedException {
        var answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address + "/gauges/" + act))
                                .POST(HttpRequest.BodyPublishers.ofString(JSON.toJson(said)))
                                .build(),
                        BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IOException(answer.body());
        }
        return answer.body();
    }

    /** Ended in the middle of whatever it does. */
    @Override
    public void close() {
        process.destroyForcibly();
    }
}
