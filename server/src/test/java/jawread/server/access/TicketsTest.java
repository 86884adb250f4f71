package jawread.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Who did it comes from the ticket, and from nothing else. */
@ExtendWith(RunningServer.class)
class TicketsTest {
    private static final long ANSA = 1;
    private static final long BERO = 2;

    private final Server server;

    TicketsTest(Server server) {
        this.server = server;
    }

    /** Both tickets that a browser has after somebody stepped up. */
    private String steppedUp(long person) {
        return String.join("; ", cookies(server.post("/api/v1/sessions", Map.of("person", person))));
    }

    private static List<String> cookies(Answer answer) {
        return answer.response().headers().allValues("Set-Cookie").stream()
                .map(cookie -> cookie.split(";", 2)[0])
                .toList();
    }

    private HttpRequest.Builder with(String cookies, String path) {
        return server.request(path).header("Cookie", cookies);
    }

    private Map<String, Object> reading(Walk walk, String figure) {
        Map<String, Object> body = walk.typed(0, figure);
        body.remove("person");
        return body;
    }

    private static String whoRead(Walk walk, String figure) {
        var people = new ArrayList<String>();
        walk.sheet()
                .path("rounds")
                .forEach(round -> round.path("places")
                        .forEach(place -> place.path("readings").forEach(each -> {
                            if (each.path("figure").toString().contains(figure)
                                    || each.toString().contains(figure)) {
                                people.add(each.path("person").asString());
                            }
                        })));
        return String.join(" ", people);
    }

    @Test
    void with_the_ticket_of_one_nothing_is_kept_or_struck_in_the_name_of_another() {
        var walk = new Walk(server, "shaft 3", "right end");
        String ansas = steppedUp(ANSA);
        Map<String, Object> inBerosName = reading(walk, "25.031");
        inBerosName.put("person", BERO);
        Answer refused =
                server.send(Server.json(with(ansas, "/api/v1/readings/" + UUID.randomUUID()), "PUT", inBerosName));
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.code()).isEqualTo("another-persons-name");
        assertThat(refused.sentence()).contains("Ansa");
        assertThat(whoRead(walk, "25.031")).isEmpty();

        UUID id = UUID.randomUUID();
        assertThat(server.send(Server.json(with(ansas, "/api/v1/readings/" + id), "PUT", reading(walk, "25.032")))
                        .status())
                .isEqualTo(201);
        assertThat(whoRead(walk, "25.032")).isEqualTo("Ansa");
        var strike = Map.of("reading", id, "kind", "STRIKE", "reason", "slipped", "person", BERO);
        assertThat(server.send(Server.json(with(ansas, "/api/v1/marks/" + UUID.randomUUID()), "PUT", strike))
                        .code())
                .isEqualTo("another-persons-name");
    }

    @Test
    void what_waited_is_kept_under_its_own_ticket_whoever_stands_there_by_then() {
        var walk = new Walk(server, "shaft 3", "right end");
        String both = steppedUp(ANSA) + "; " + steppedUp(BERO).replaceFirst("jawread-screen=[^;]*; ", "");
        // The screen's own cookie is the last who stepped up.
        String browser =
                both.replaceFirst("jawread-screen=[^;]*", steppedUp(BERO).split("; ")[0]);
        Answer kept = server.send(Server.json(
                with(browser, "/api/v1/readings/" + UUID.randomUUID()).header("Jawread-Person", "1"),
                "PUT",
                reading(walk, "25.041")));
        assertThat(kept.status()).isEqualTo(201);
        assertThat(whoRead(walk, "25.041")).isEqualTo("Ansa");
        assertThat(server.send(Server.json(
                                with(browser, "/api/v1/readings/" + UUID.randomUUID()), "PUT", reading(walk, "25.042")))
                        .status())
                .isEqualTo(201);
        assertThat(whoRead(walk, "25.042")).isEqualTo("Bero");
    }

    @Test
    void to_name_somebody_is_not_to_be_them() {
        var walk = new Walk(server, "shaft 3", "right end");
        Answer refused = server.send(Server.json(
                with(steppedUp(ANSA), "/api/v1/readings/" + UUID.randomUUID()).header("Jawread-Person", "2"),
                "PUT",
                reading(walk, "25.051")));
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.code()).isEqualTo("ticket-ended");
        assertThat(refused.sentence()).contains("Touch the name Bero again");
    }

    @Test
    void a_ticket_is_ended_at_the_shops_own_machine_and_asks_for_the_name_again() {
        String cookies = steppedUp(ANSA);
        long id = server.get("/api/v1/sessions").json().get(0).path("id").asLong();
        assertThat(server.get("/api/v1/sessions").json().get(0).path("where").asString())
                .isEqualTo("a screen at this machine");
        assertThat(server.send(server.request("/api/v1/sessions").header("X-Forwarded-For", "192.0.2.7"))
                        .code())
                .isEqualTo("not-from-here");
        assertThat(server.send(with(cookies, "/api/v1/shop"))
                        .json()
                        .path("person")
                        .path("name")
                        .asString())
                .isEqualTo("Ansa");
        Answer ended = server.send(Server.json(server.request("/api/v1/sessions/" + id + "/end"), "PUT", Map.of()));
        assertThat(ended.status()).isEqualTo(200);
        assertThat(server.send(with(cookies, "/api/v1/shop")).json().has("person"))
                .isFalse();
        var walk = new Walk(server, "shaft 3", "right end");
        Answer refused = server.send(
                Server.json(with(cookies, "/api/v1/readings/" + UUID.randomUUID()), "PUT", reading(walk, "25.061")));
        assertThat(refused.code()).isEqualTo("ticket-ended");
        assertThat(refused.sentence()).contains("Ansa").contains("waits here");
        assertThat(server.get("/api/v1/trail?of=people")
                        .json()
                        .get(0)
                        .path("sentence")
                        .asString())
                .startsWith("Ansa, signed on until:");
    }

    @Test
    void a_ticket_ends_after_thirty_days_and_is_kept_as_a_digest() {
        Answer stepped = server.post("/api/v1/sessions", Map.of("person", ANSA));
        assertThat(stepped.response().headers().allValues("Set-Cookie"))
                .allSatisfy(cookie -> assertThat(cookie)
                        .contains("HttpOnly")
                        .contains("SameSite=Strict")
                        .contains("Max-Age=2592000"));
        String secret = cookies(stepped).get(0).split("=", 2)[1];
        var database = server.bean(JdbcTemplate.class);
        String row = database.queryForList("SELECT * FROM shop_session ORDER BY id DESC FETCH FIRST ROW ONLY")
                .toString();
        assertThat(row).doesNotContain(secret);
        assertThat(database.queryForObject(
                        "SELECT DATEDIFF('DAY', opened_at, ends_at) FROM shop_session ORDER BY id DESC FETCH FIRST ROW ONLY",
                        Long.class))
                .isEqualTo(30);
        var people = server.bean(People.class);
        var ticket = people.ticket(secret).orElseThrow();
        assertThat(ticket.hasEnded(ticket.endsAt().minusSeconds(1))).isFalse();
        assertThat(ticket.hasEnded(ticket.endsAt())).isTrue();
        assertThat(people.ticket(UUID.randomUUID().toString())).isEmpty();
    }

    @Test
    void what_somebody_may_is_decided_at_the_shops_own_machine_and_holds() {
        long eva = server.post("/api/v1/people", Map.of("name", "Eva", "does", "apprentice"))
                .json()
                .path("id")
                .asLong();
        assertThat(may(eva)).isEqualTo("[\"measures\"]");
        String path = "/api/v1/people/" + eva + "/may";
        assertThat(server.send(Server.json(
                                server.request(path).header("X-Forwarded-For", "192.0.2.7"),
                                "PUT",
                                Map.of("may", List.of("signs"))))
                        .code())
                .isEqualTo("not-from-here");
        assertThat(server.put(path, Map.of("may", List.of("flies"))).code()).isEqualTo("no-such-may");
        assertThat(server.put(path, Map.of("may", List.of("learns", "signs"))).status())
                .isEqualTo(200);
        assertThat(may(eva)).isEqualTo("[\"learns\",\"signs\"]");
        var walk = new Walk(server, "shaft 3", "right end");
        Answer refused = server.send(Server.json(
                with(steppedUp(eva), "/api/v1/readings/" + UUID.randomUUID()), "PUT", reading(walk, "25.071")));
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.sentence()).startsWith("Eva does not measure here yet");
        assertThat(server.get("/api/v1/trail?of=people")
                        .json()
                        .get(0)
                        .path("sentence")
                        .asString())
                .isEqualTo("Eva, may: measures became learns, signs");
        assertThat(server.get("/api/v1/trail?of=people")
                        .json()
                        .get(0)
                        .path("person")
                        .asString())
                .isEqualTo("Ansa");
    }

    private String may(long person) {
        for (JsonNode each : server.get("/api/v1/people").json()) {
            if (each.path("id").asLong() == person) {
                return each.path("may").toString();
            }
        }
        return "";
    }
}
