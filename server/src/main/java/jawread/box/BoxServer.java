package jawread.box;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Executors;
import jawread.box.SimulatedGauge.GaugeView;
import jawread.core.length.LengthUnit;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The box with its page: gauges that are put in it, used, and taken out. For this machine alone. */
final class BoxServer implements AutoCloseable {
    private static final int MOST_GAUGES = 50;
    private static final int MOST_BYTES = 10_000;
    private static final String PAGE = "/gauges.html";
    private static final Map<String, String> TYPES = Map.of(
            "html", "text/html; charset=utf-8",
            "js", "text/javascript; charset=utf-8",
            "css", "text/css; charset=utf-8",
            "svg", "image/svg+xml",
            "woff2", "font/woff2");

    private final JsonMapper json = JsonMapper.builder().build();
    private final Map<String, InBox> gauges = new LinkedHashMap<>();
    private final HttpServer http;
    private final InetSocketAddress port;
    private final String token;
    private final Random hand;
    private final Clock clock;
    /** So high that a box that was started anew does not count again what the one before had counted. */
    private long count;

    private record InBox(SimulatedGauge gauge, Wire wire) {
        GaugeView view() {
            return gauge.view(wire.said(), wire.waiting());
        }
    }

    /**
     * @param number of its page; 0 for any that is free
     * @param port of the shop
     * @param token said there first; empty on the shop's own machine
     */
    BoxServer(int number, InetSocketAddress port, String token, Random hand, Clock clock) throws IOException {
        this.port = port;
        this.token = token;
        this.hand = hand;
        this.clock = clock;
        this.count = clock.millis() / 1000;
        http = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), number), 0);
        http.setExecutor(Executors.newFixedThreadPool(4, work -> {
            var thread = new Thread(work, "box");
            thread.setDaemon(true);
            return thread;
        }));
        http.createContext("/", this::serve);
    }

    void start() {
        http.start();
    }

    int number() {
        return http.getAddress().getPort();
    }

    private void serve(HttpExchange exchange) throws IOException {
        try (exchange) {
            String path = exchange.getRequestURI().getPath();
            if (!isOfThisPage(exchange)) {
                answer(exchange, 403, Map.of("message", "Only the box’s own page may ask for that."));
            } else if (path.startsWith("/gauges/") || path.equals("/gauges")) {
                gauges(exchange, path);
            } else {
                file(exchange, path.equals("/") ? PAGE : path);
            }
        }
    }

    /** A page of somebody else in the same browser presses no button here. */
    private boolean isOfThisPage(HttpExchange exchange) {
        String host = exchange.getRequestHeaders().getFirst("Host");
        String origin = exchange.getRequestHeaders().getFirst("Origin");
        return host != null
                && List.of("localhost:" + number(), "127.0.0.1:" + number()).contains(host)
                && (origin == null || URI.create(origin).getAuthority().equals(host));
    }

    private void gauges(HttpExchange exchange, String path) throws IOException {
        try {
            switch (exchange.getRequestMethod()) {
                case "GET" -> answer(exchange, 200, views());
                case "POST" -> {
                    JsonNode said = json.readTree(exchange.getRequestBody().readNBytes(MOST_BYTES));
                    act(path.replaceFirst("^/gauges/?", ""), said);
                    answer(exchange, 200, views());
                }
                default -> answer(exchange, 405, Map.of("message", "GET or POST."));
            }
        } catch (IllegalArgumentException | JacksonException refused) {
            answer(exchange, 422, Map.of("message", String.valueOf(refused.getMessage())));
        }
    }

    private synchronized List<GaugeView> views() {
        return gauges.values().stream().map(InBox::view).toList();
    }

    private synchronized void act(String act, JsonNode said) {
        String number = said.path("number").asString("").strip();
        String text = said.path("text").asString("");
        if (act.equals("add")) {
            add(number, said.path("kind").asString(""), said.path("unit").asString("mm"));
            return;
        }
        InBox in = gauges.get(number);
        if (in == null) {
            throw new IllegalArgumentException("There is no gauge “" + number + "” in the box.");
        }
        SimulatedGauge gauge = in.gauge();
        switch (act) {
            case "take-out" -> gauges.remove(number).wire().close();
            case "part" -> gauge.putIn(text);
            case "take" -> gauge.take();
            case "send" -> in.wire().say(gauge.line(++count));
            case "take-and-send" -> {
                gauge.take();
                in.wire().say(gauge.line(++count));
            }
            case "bad-line" -> in.wire().say(gauge.tornLine(++count));
            case "again" -> in.wire().say(gauge.line(count));
            case "hold" -> gauge.toggleHold();
            case "cell" -> gauge.toggleCell();
            case "unit" -> gauge.toggleUnit();
            case "zero" -> gauge.zeroIsOff(text);
            case "noise" -> gauge.noiseIs(text);
            case "preset" -> gauge.presetTo(text);
            case "limits" -> gauge.limits(text, said.path("upper").asString(""));
            case "tell" -> gauge.tellPart();
            default -> throw new IllegalArgumentException("A gauge cannot do “" + act + "”.");
        }
    }

    private void add(String number, String kind, String unit) {
        if (!number.matches("[\\x21-\\x7e]{1,40}")) {
            throw new IllegalArgumentException("A gauge has a number of letters and digits, as in the drawer: M6.");
        }
        if (gauges.containsKey(number)) {
            throw new IllegalArgumentException("“" + number + "” is in the box already.");
        }
        if (gauges.size() >= MOST_GAUGES) {
            throw new IllegalArgumentException("The box holds " + MOST_GAUGES + " gauges: take one out first.");
        }
        GaugeKind of = GaugeKind.of(kind)
                .orElseThrow(() -> new IllegalArgumentException("Of these: " + String.join(", ", GaugeKind.codes())));
        LengthUnit in = unit.equals("in") ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
        gauges.put(number, new InBox(new SimulatedGauge(number, of, in, hand, clock), new Wire(port, token)));
    }

    private void file(HttpExchange exchange, String path) throws IOException {
        boolean isPlain = path.matches("/[A-Za-z0-9._-]+(/[A-Za-z0-9._-]+)*") && !path.contains("..");
        try (InputStream file = isPlain ? BoxServer.class.getResourceAsStream("/static" + path) : null) {
            if (file == null) {
                answer(exchange, 404, Map.of("message", "There is nothing here."));
                return;
            }
            String type = TYPES.getOrDefault(path.substring(path.lastIndexOf('.') + 1), "application/octet-stream");
            send(exchange, 200, type, file.readAllBytes());
        }
    }

    private void answer(HttpExchange exchange, int status, Object body) throws IOException {
        send(exchange, status, "application/json", json.writeValueAsString(body).getBytes(StandardCharsets.UTF_8));
    }

    private static void send(HttpExchange exchange, int status, String type, byte[] body) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.getResponseHeaders().set("X-Content-Type-Options", "nosniff");
        exchange.getResponseHeaders()
                .set("Content-Security-Policy", "default-src 'self'; frame-ancestors 'none'; base-uri 'none'");
        exchange.sendResponseHeaders(status, body.length);
        exchange.getResponseBody().write(body);
    }

    @Override
    public void close() {
        http.stop(0);
        gauges.values().forEach(each -> each.wire().close());
    }
}
