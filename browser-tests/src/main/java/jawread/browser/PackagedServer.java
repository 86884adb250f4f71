package jawread.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The packaged application with the demonstration shop, in a process of its own that can be killed and started again. */
public final class PackagedServer implements AutoCloseable {
    private static final Duration LONGEST_START = Duration.ofSeconds(120);
    private final HttpClient client = HttpClient.newHttpClient();
    private final Path data;
    private final int port;
    /** Beside the shop, which may lie on a disk that is full. */
    private final Path log = Scratch.folder("jawread-log").resolve("server.log");

    private Process process;

    private PackagedServer(Path data, int port) {
        this.data = data;
        this.port = port;
    }

    /** The demonstration shop as it stands after its first start: filling one takes as long as starting the application. */
    private static Path filled;

    /** Started while the last one is still in use: it answers by the time that it is asked for. */
    private static CompletableFuture<PackagedServer> spare;

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            if (spare != null) {
                spare.join().close();
            }
            Scratch.clear();
        }));
    }

    /** On a port that is free, with a shop of its own in a temporary folder. */
    public static synchronized PackagedServer start() {
        if (spare == null) {
            filled = fill();
            spare = CompletableFuture.supplyAsync(PackagedServer::startOne);
        }
        PackagedServer taken = spare.join();
        spare = CompletableFuture.supplyAsync(PackagedServer::startOne);
        return taken;
    }

    /** The same with no other beside it, where what is measured is how fast it is. */
    public static PackagedServer alone() {
        return on(Scratch.folder("jawread"));
    }

    /** With its shop in a folder of one's own choice. */
    public static PackagedServer on(Path data) {
        var server = new PackagedServer(data, freePort());
        server.startAgain();
        return server;
    }

    private static Path fill() {
        PackagedServer first = alone();
        first.stop();
        return first.data;
    }

    private static PackagedServer startOne() {
        Path data = Scratch.folder("jawread");
        try (Stream<Path> files = Files.list(filled)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.copy(file, data.resolve(file.getFileName()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        var server = new PackagedServer(data, freePort());
        server.startAgain();
        return server;
    }

    private static int freePort() {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With the same data on the same port. */
    public void startAgain() {
        try {
            process = FastStart.prepared()
                    .program(
                            List.of(),
                            List.of("--spring.profiles.active=demo", "--server.port=" + port, "--jawread.data=" + data))
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
            return get("/api/v1/nothing").statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    /** What a command came to, and all that it said. */
    public record Ran(int code, String said) {}

    /** Runs a command of the command line on this shop's folder, as {@code ./run} does: {@code backup FILE}, {@code verify}. */
    public Ran command(String... arguments) throws IOException, InterruptedException {
        return command(data, arguments);
    }

    /** On the shop of another folder. */
    public static Ran command(Path data, String... arguments) throws IOException, InterruptedException {
        ProcessBuilder builder = FastStart.prepared().program(List.of("nice", "-n", "19"), List.of(arguments));
        builder.environment().put("JAWREAD_DATA", data.toString());
        Process command = builder.start();
        String said = new String(command.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ran(command.waitFor(), said);
    }

    /** What its Java machine says to a command of {@code jcmd}. */
    public String jcmd(String command) throws IOException, InterruptedException {
        Path java = Path.of(ProcessHandle.of(process.pid())
                .flatMap(handle -> handle.info().command())
                .orElseThrow());
        Process asked = new ProcessBuilder(
                        java.resolveSibling("jcmd").toString(), Long.toString(process.pid()), command)
                .redirectErrorStream(true)
                .start();
        String said = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (asked.waitFor() != 0) {
            throw new IllegalStateException(command + ": " + said);
        }
        return said;
    }

    public Path data() {
        return data;
    }

    /** As a careful person does: everything is written first. */
    public void stop() {
        process.destroy();
        waitUntilGone();
    }

    /** As a pulled plug would: kill -9, nothing is written on the way out. */
    public void kill() {
        process.destroyForcibly();
        waitUntilGone();
    }

    private void waitUntilGone() {
        try {
            process.waitFor(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What it has written down so far. */
    public String log() throws IOException {
        return Files.readString(log);
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
        return write("POST", "/api/v1/sessions", "", "{\"person\": 1}")
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
