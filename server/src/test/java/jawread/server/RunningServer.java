package jawread.server;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;
import jawread.server.storage.Trouble;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application with the demonstration shop, on real H2 in a temporary folder and a random port; started once for
 * all test classes that ask for it, and stopped after the last.
 */
public final class RunningServer implements ParameterResolver {
    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Server.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        return context.getRoot()
                .getStore(Namespace.create(RunningServer.class))
                .getOrComputeIfAbsent(Server.class, unused -> Server.start(), Server.class);
    }

    /** A way to talk to it as a browser does. */
    public static final class Server implements AutoCloseable {
        private static final JsonMapper JSON = JsonMapper.builder().build();
        private final ConfigurableApplicationContext context;
        private final HttpClient client = HttpClient.newHttpClient();
        private final String ansa;

        private Server(ConfigurableApplicationContext context) {
            this.context = context;
            this.ansa = ticketOf(1);
        }

        private Server(ConfigurableApplicationContext context, String ansa) {
            this.context = context;
            this.ansa = ansa;
        }

        private Server(ConfigurableApplicationContext context, Function<Server, String> ticket) {
            this.context = context;
            this.ansa = ticket.apply(this);
        }

        private static Server start() {
            try {
                return open(Files.createTempDirectory("jawread-test"));
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        }

        /** Another one, on a folder of its own: for what would disturb the others, or opens a shop that is there already. */
        public static Server open(Path data, String... more) {
            return new Server(run(data, more));
        }

        /** One that nobody has a ticket of: it asks for a passphrase first. */
        public static Server entered(Path data, String... more) {
            return new Server(run(data, more), "");
        }

        /** A shop that nothing stands in yet; its first person is put on the list, and stands at the screen. */
        public static Server empty(Path data, String first) {
            return new Server(started(data, List.of()), server -> {
                server.post("/api/v1/people", Map.of("name", first, "does", "turner"));
                return server.ticketOf(1);
            });
        }

        /** A shop that nothing and nobody stands in yet. */
        public static Server emptyOfPeople(Path data) {
            return new Server(started(data, List.of()), "");
        }

        private static ConfigurableApplicationContext run(Path data, String... more) {
            var arguments = new ArrayList<>(List.of("--spring.profiles.active=demo"));
            arguments.addAll(List.of(more));
            return started(data, arguments);
        }

        private static ConfigurableApplicationContext started(Path data, List<String> more) {
            var arguments = new ArrayList<>(
                    List.of("--server.port=0", "--jawread.data=" + data, "--logging.level.jawread=warn"));
            arguments.addAll(more);
            return new SpringApplication(JawReadApplication.class, Trouble.class).run(arguments.toArray(String[]::new));
        }

        public <T> T bean(Class<T> type) {
            return context.getBean(type);
        }

        public int port() {
            return context.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
        }

        public HttpRequest.Builder request(String path) {
            return HttpRequest.newBuilder(URI.create("http://localhost:" + port() + path));
        }

        /** A request at the screen where Ansa stands. */
        public HttpRequest.Builder ansasRequest(String path) {
            return request(path).header("Cookie", ansa);
        }

        public Answer send(HttpRequest.Builder request) {
            try {
                return new Answer(client.send(request.build(), BodyHandlers.ofString()));
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }

        /** Sends a form to a server whose certificate nobody vouches for. */
        public Answer overTls(String path, String form) throws Exception {
            SSLContext any = SSLContext.getInstance("TLS");
            any.init(null, new TrustManager[] {new AnyCertificate()}, null);
            try {
                return new Answer(HttpClient.newBuilder()
                        .sslContext(any)
                        .build()
                        .send(
                                HttpRequest.newBuilder(URI.create("https://localhost:" + port() + path))
                                        .header("Content-Type", "application/x-www-form-urlencoded")
                                        .POST(HttpRequest.BodyPublishers.ofString(form))
                                        .build(),
                                BodyHandlers.ofString()));
            } catch (IOException | InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }

        public Answer get(String path) {
            return send(request(path));
        }

        public Answer post(String path, Object body) {
            return send(json(request(path), "POST", body));
        }

        /** Ansa puts something. */
        public Answer put(String path, Object body) {
            return send(json(ansasRequest(path), "PUT", body));
        }

        /** Somebody else puts something, at a screen where they stand. */
        public Answer put(long person, String path, Object body) {
            return send(json(request(path).header("Cookie", ticketOf(person)), "PUT", body));
        }

        public static HttpRequest.Builder json(HttpRequest.Builder request, String method, Object body) {
            return request.header("Content-Type", "application/json")
                    .method(method, HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
        }

        /** A cookie with the ticket that a person has just been given. */
        public String ticketOf(long person) {
            Answer stepped = post("/api/v1/sessions", Map.of("person", person));
            return stepped.header("Set-Cookie").split(";", 2)[0];
        }

        @Override
        public void close() {
            context.close();
        }
    }

    private static final class AnyCertificate extends X509ExtendedTrustManager {
        @Override
        public void checkClientTrusted(X509Certificate[] chain, String kind, Socket socket) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String kind, Socket socket) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String kind, SSLEngine engine) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String kind, SSLEngine engine) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String kind) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String kind) {}

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }

    /** What the server answered. */
    public record Answer(HttpResponse<String> response) {
        public int status() {
            return response.statusCode();
        }

        public String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }

        public String text() {
            return response.body();
        }

        public JsonNode json() {
            return Server.JSON.readTree(text());
        }

        /** The page that stands beside a receipt. */
        public JsonNode shown() {
            return json().path("shown");
        }

        /** The stable code of a problem. */
        public String code() {
            return json().path("code").asString("");
        }

        /** The sentence of a problem. */
        public String sentence() {
            return json().path("detail").asString("");
        }
    }
}
