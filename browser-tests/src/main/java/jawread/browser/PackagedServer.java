package jawread.browser;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packaged application with the demonstration shop, in a process of its own that can be killed and started again. */
public final class PackagedServer implements AutoCloseable {
    private static final Duration LONGEST_START = Duration.ofSeconds(120);
    private final HttpClient client = HttpClient.newHttpClient();
    private final Path data;
    private final int port;
    private Process process;

    private PackagedServer(Path data, int port) {
        this.data = data;
        this.port = port;
    }

    /** On a port that is free, with a shop of its own in a temporary folder. */
    public static PackagedServer start() {
        try {
            var server = new PackagedServer(Files.createTempDirectory("jawread"), freePort());
            server.startAgain();
            return server;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** With the same data on the same port. */
    public void startAgain() {
        Path log = data.resolve("server.log");
        try {
            process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-XX:SharedArchiveFile=" + FastStart.prepared().classes(),
                            "-Xlog:cds=off,cds+dynamic=off",
                            "-jar",
                            FastStart.prepared().jar().toString(),
                            "--spring.profiles.active=demo",
                            "--server.port=" + port,
                            "--jawread.data=" + data))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                    .start();
            Instant end = Instant.now().plus(LONGEST_START);
            while (!answers()) {
                if (!process.isAlive() || Instant.now().isAfter(end)) {
                    throw new IllegalStateException("The server did not start:\n" + Files.readString(log));
                }
                Thread.sleep(100);
            }
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private boolean answers() throws InterruptedException {
        try {
            return get("/api/nothing").statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    /** As a pulled plug would: kill -9, nothing is written on the way out. */
    public void kill() {
        process.destroyForcibly();
        try {
            process.waitFor(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public String address() {
        return "http://localhost:" + port;
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address() + path)).timeout(Duration.ofSeconds(20));
    }

    public HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(request(path).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** As a browser fetches it: compressed where the server compresses. */
    public HttpResponse<byte[]> getCompressed(String path) throws IOException, InterruptedException {
        return client.send(
                request(path).header("Accept-Encoding", "gzip").build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    /** A JSON body by POST or PUT, at the screen whose ticket is given; an empty ticket is nobody's. */
    public HttpResponse<String> write(String method, String path, String ticket, String json)
            throws IOException, InterruptedException {
        HttpRequest.Builder request = request(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json));
        if (!ticket.isEmpty()) {
            request.header("Cookie", ticket);
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** The ticket of a screen at which the first person of the shop stands. */
    public String ticket() throws IOException, InterruptedException {
        return write("POST", "/api/sessions", "", "{\"person\": 1}")
                .headers()
                .firstValue("Set-Cookie")
                .orElseThrow()
                .split(";", 2)[0];
    }

    @Override
    public void close() {
        kill();
    }
}
