package jawread.server.journal;

import static jawread.server.Drafting.typed;
import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.metamodel.Attribute;
import jakarta.persistence.metamodel.EntityType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.plan.TypedFeature;
import jawread.server.Drafting;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.settings.Setting;
import jawread.server.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every change leaves who, when, the old value and the new one. */
@ExtendWith(RunningServer.class)
class TrailTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Server server;
    private final Drafting drafting;

    TrailTest(Server server) {
        this.server = server;
        this.drafting = new Drafting(server);
    }

    private static Map<String, Object> map(JsonNode node) {
        return JSON.convertValue(node, new TypeReference<LinkedHashMap<String, Object>>() {});
    }

    /** The newest first. */
    private List<String> trail(String of) {
        var said = new ArrayList<String>();
        server.get("/api/v1/trail?of=" + of)
                .json()
                .forEach(each -> said.add(each.path("person").asString("-") + ": "
                        + each.path("sentence").asString()));
        return said;
    }

    private Answer put(String path, long edition, Object body) {
        Answer answer = server.send(
                Server.json(server.ansasRequest(path).header("If-Match", "\"" + edition + "\""), "PUT", body));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer;
    }

    private JsonNode job(long id) {
        return server.get("/api/v1/jobs/" + id + "/plan").json();
    }

    @Test
    void of_a_job_its_head_its_schools_and_its_being_put_away() {
        long id = drafting.open("trailed", "mm", "").path("id").asLong();
        assertThat(trail("job&which=" + id)).contains("Ansa: trailed: added");
        Map<String, Object> head = head(job(id));
        head.put("name", "trailed well");
        head.put("limitsSource", "drawing 1, revision B");
        @SuppressWarnings("unchecked")
        var choices = (Map<String, Object>) head.get("choices");
        choices.put("repeats", "once");
        put("/api/v1/jobs/" + id, job(id).path("edition").asLong(), head);
        server.put("/api/v1/jobs/" + id + "/archived", Map.of("archived", true));
        assertThat(trail("job&which=" + id))
                .contains("Ansa: trailed well, name: trailed became trailed well")
                .contains(
                        "Ansa: trailed well, where the limits come from: drawing 1, revision A became drawing 1, revision B")
                .contains("Ansa: trailed well, How many repeats: two-then-third became once")
                .anyMatch(said -> said.startsWith("Ansa: trailed well, put away on: now 10 March 2026, "));
    }

    private static Map<String, Object> head(JsonNode job) {
        Map<String, Object> head = new HashMap<>();
        for (String field : List.of(
                "name", "about", "limitsSource", "customerReference", "unit", "material", "temperature", "decider")) {
            head.put(field, job.path(field).asString(""));
        }
        head.put("livesHangOnIt", false);
        head.put("choices", map(job.path("choices")));
        return head;
    }

    @Test
    void of_a_plan_its_features_field_by_field_its_head_and_its_parts() {
        JsonNode job = drafting.open("trailed plan", "mm", "");
        long id = job.path("id").asLong();
        JsonNode plan = drafting.plan(job);
        drafting.add(plan, typed("seat", "outside", "25 h6"));
        drafting.add(plan, typed("bore", "bore", "12 H7"));
        JsonNode seat = drafting.plan(job).path("features").get(0);
        Map<String, Object> changed = typed("bearing seat", "outside", "25 k6");
        drafting.change(
                plan,
                List.of(Map.of(
                        "key",
                        seat.path("key").asString(),
                        "edition",
                        seat.path("edition").asLong(),
                        "typed",
                        changed)),
                List.of());
        List<String> keys = new ArrayList<>();
        drafting.plan(job)
                .path("features")
                .forEach(each -> keys.add(0, each.path("key").asString()));
        drafting.post(
                "/api/v1/plans/" + plan.path("id").asLong() + "/changes",
                Map.of("puts", List.of(), "removes", List.of(), "order", keys));
        JsonNode bore = drafting.plan(job).path("features").get(0);
        drafting.change(
                plan,
                List.of(),
                List.of(Map.of(
                        "key",
                        bore.path("key").asString(),
                        "edition",
                        bore.path("edition").asLong())));
        long edition = drafting.plan(job).path("edition").asLong();
        put(
                "/api/v1/plans/" + plan.path("id").asLong() + "/parts",
                edition,
                Map.of("parts", List.of(Map.of("name", "shaft 9", "mark", "", "hours", ""))));
        JsonNode part = drafting.plan(job).path("parts").get(0);
        put(
                "/api/v1/plans/" + plan.path("id").asLong() + "/parts",
                drafting.plan(job).path("edition").asLong(),
                Map.of(
                        "parts",
                        List.of(Map.of(
                                "id", part.path("id").asLong(), "name", "shaft 9", "mark", "K7", "hours", "1200"))));
        assertThat(trail("job&which=" + id))
                .contains(
                        "Ansa: seat: added",
                        "Ansa: seat, name: seat became bearing seat",
                        "Ansa: seat, limits: 25 h6 became 25 k6",
                        "Ansa: bore: taken away",
                        "Ansa: shaft 9: added",
                        "Ansa: shaft 9, mark: now K7")
                .anyMatch(said -> said.matches("Ansa: shaft 9, running hours: now 1200(\\.0)?"))
                .anyMatch(said -> said.endsWith("order of its features: bearing seat, bore became bore, bearing seat"));
    }

    private long anotherGauge(String number) {
        JsonNode m6 = server.get("/api/v1/drawer").json().path("gauges");
        long like = 0;
        for (JsonNode each : m6) {
            if (each.path("shopNumber").asString().equals("M6")) {
                like = each.path("id").asLong();
            }
        }
        Map<String, Object> typed =
                map(server.get("/api/v1/drawer/gauges/" + like).json().path("typed"));
        typed.put("shopNumber", number);
        assertThat(drafting.post("/api/v1/drawer/gauges", Map.of("gauges", List.of(typed)))
                        .status())
                .isEqualTo(200);
        for (JsonNode each : server.get("/api/v1/drawer").json().path("gauges")) {
            if (each.path("shopNumber").asString().equals(number)) {
                return each.path("id").asLong();
            }
        }
        throw new AssertionError(number);
    }

    @Test
    void of_a_gauge_what_it_is_its_calibrations_and_its_state() {
        long id = anotherGauge("M96");
        String path = "/api/v1/drawer/gauges/" + id;
        Map<String, Object> typed = map(server.get(path).json().path("typed"));
        typed.put("name", "outside micrometer, renamed");
        put(path, server.get(path).json().path("edition").asLong(), typed);
        put(
                path + "/calibration",
                server.get(path).json().path("edition").asLong(),
                Map.of("on", "2026-01-01", "error", "0.002", "expanded", "0.001", "due", "2027-01-01"));
        assertThat(server.put(
                                path + "/events/" + UUID.randomUUID(),
                                Map.of("kind", "quarantined", "words", "dropped twice"))
                        .status())
                .isEqualTo(200);
        assertThat(trail("gauge&which=" + id))
                .anyMatch(said -> said.matches("Ansa: M96 .*: added"))
                .anyMatch(said -> said.matches("Ansa: M96 .*, name: .* became outside micrometer, renamed"))
                .anyMatch(said -> said.matches("Ansa: M96 .*, calibrated on: (now|.* became) 1 January 2026"))
                .anyMatch(said -> said.matches("Ansa: M96 .*, calibration, error found: (now|.* became) 0.002 mm"))
                .anyMatch(said -> said.matches("Ansa: M96 .*, calibration, uncertainty: (now|.* became) 0.001 mm"))
                .anyMatch(said -> said.matches("Ansa: M96 .*, calibration due on: (now|.* became) 1 January 2027"))
                .anyMatch(said -> said.matches("Ansa: M96 .*, state: in-use became quarantined"));
    }

    @Test
    void of_a_master_its_certified_size_and_of_the_shop_its_settings_and_people() {
        Map<String, Object> ring =
                new HashMap<>(Map.of("blocks", "", "missing", "", "wear", "", "shopNumber", "ring 96"));
        ring.putAll(Map.of(
                "kind",
                "ring",
                "unit",
                "in",
                "size",
                "1",
                "certified",
                "1.00002",
                "expanded",
                "0.00004",
                "material",
                "steel",
                "due",
                "2026-12-01",
                "retired",
                false));
        drafting.post("/api/v1/drawer/masters", ring);
        JsonNode master = null;
        for (JsonNode each : server.get("/api/v1/drawer").json().path("masters")) {
            master = each.path("shopNumber").asString().equals("ring 96") ? each : master;
        }
        ring.put("certified", "1.00003");
        put(
                "/api/v1/drawer/masters/" + master.path("id").asLong(),
                master.path("edition").asLong(),
                ring);
        assertThat(trail("master&which=" + master.path("id").asLong()))
                .containsExactly("Ansa: ring 96, certified size: 1.00002 in became 1.00003 in", "Ansa: ring 96: added");

        JsonNode setting = setting("setting-readings");
        String other = setting.path("choice").asString().equals("21") ? "22" : "21";
        put("/api/v1/settings/setting-readings", setting.path("edition").asLong(), Map.of("choice", other));
        assertThat(trail("settings").get(0)).startsWith("Ansa: ").endsWith(" " + other);
        put(
                "/api/v1/settings/setting-readings",
                setting("setting-readings").path("edition").asLong(),
                Map.of("choice", "20"));
        assertThat(trail("settings").get(0)).endsWith(other + " became 20");

        assertThat(server.post("/api/v1/people", Map.of("name", "Fenn", "does", "turner"))
                        .status())
                .isEqualTo(201);
        assertThat(trail("people").get(0))
                .as("nobody was signed on at that screen")
                .isEqualTo("-: Fenn: added");
        assertThat(server.get("/api/v1/trail?of=nothing").status()).isEqualTo(404);
    }

    private JsonNode setting(String name) {
        for (JsonNode each : server.get("/api/v1/settings").json()) {
            if (each.path("name").asString().equals(name)) {
                return each;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void whatever_can_be_changed_has_its_words() {
        Words words = server.bean(Words.class);
        Map<String, String> subjects = Map.of(
                "Job",
                "job",
                "Plan",
                "plan",
                "Part",
                "part",
                "Gauge",
                "gauge",
                "ShopMaster",
                "master",
                "Person",
                "person",
                "ShopSession",
                "ticket");
        Set<String> program = Set.of("id", "version", "partsListed", "digest", "settings", "job", "plan", "toldByMark");
        for (EntityType<?> entity :
                server.bean(EntityManagerFactory.class).getMetamodel().getEntities()) {
            if (Trailed.class.isAssignableFrom(entity.getJavaType()) && subjects.containsKey(entity.getName())) {
                for (Attribute<?, ?> attribute : entity.getAttributes()) {
                    if (!program.contains(attribute.getName())) {
                        assertThat(words.has("trail." + subjects.get(entity.getName()) + "."
                                        + hyphened(attribute.getName())))
                                .as("%s.%s", entity.getName(), hyphened(attribute.getName()))
                                .isTrue();
                    }
                }
            }
        }
        Set<String> features = java.util.Arrays.stream(TypedFeature.class.getRecordComponents())
                .map(component -> "trail.feature." + hyphened(component.getName()))
                .collect(Collectors.toSet());
        assertThat(features).allMatch(words::has);
        assertThat(Setting.values()).allMatch(setting -> words.has("trail.setting." + setting.code()));
    }

    private static String hyphened(String property) {
        return property.replaceAll("Pm$", "")
                .replaceAll("([a-z])([A-Z])", "$1-$2")
                .toLowerCase(Locale.ROOT);
    }
}
