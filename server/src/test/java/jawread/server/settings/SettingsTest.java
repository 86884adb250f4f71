package jawread.server.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class SettingsTest {
    private final Server server;

    SettingsTest(Server server) {
        this.server = server;
    }

    private JsonNode setting(String name) {
        for (JsonNode each : server.get("/api/v1/settings").json()) {
            if (each.path("name").asString().equals(name)) {
                return each;
            }
        }
        throw new IllegalArgumentException("No setting " + name);
    }

    private Answer choose(String name, long edition, String choice) {
        return server.send(Server.json(
                server.ansasRequest("/api/v1/settings/" + name).header("If-Match", "\"" + edition + "\""),
                "PUT",
                Map.of("choice", choice)));
    }

    @Test
    void a_setting_has_its_starting_value_until_somebody_decides() {
        assertThat(setting("display").path("edition").asLong()).isZero();
        assertThat(setting("display").has("changedBy")).isFalse();
        assertThat(choose("display", 0, "digits").status()).isEqualTo(200);
        assertThat(setting("display").path("changedBy").asString()).isEqualTo("Ansa");
        assertThat(choose("display", 0, "needle").code()).isEqualTo("changed-meanwhile");
        assertThat(choose("display", setting("display").path("edition").asLong(), "both")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void the_shops_own_materials_stand_before_the_catalogue() {
        assertThat(choose("materials", setting("materials").path("edition").asLong(), "gunmetal 18.3; bell metal 17")
                        .status())
                .isEqualTo(200);
        assertThat(server.get("/api/v1/materials").json().findValuesAsString("name"))
                .startsWith("gunmetal", "bell metal", "steel");
    }

    @ParameterizedTest
    @CsvSource({
        "repeats, twice, no-such-choice",
        "materials, wood, bad-material",
        "decimals-3, five, no-number",
        "cautions, machine-stopped hope, no-such-caution"
    })
    void a_choice_that_cannot_be_is_refused_with_what_can(String name, String choice, String code) {
        Answer answer = choose(name, setting(name).path("edition").asLong(), choice);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.code()).isEqualTo(code);
        assertThat(answer.sentence()).isNotBlank();
    }

    @Test
    void a_dial_that_reads_the_diameter_is_told_no_half_of_it() {
        var quick = Map.of("kind", "outside", "limits", "25 k6", "figure", "25.03");
        assertThat(said(quick)).contains("a side");
        assertThat(choose(
                                "machine-reads",
                                setting("machine-reads").path("edition").asLong(),
                                "diameter")
                        .status())
                .isEqualTo(200);
        assertThat(said(quick)).contains("Take off 0.02 mm for the middle").doesNotContain("a side");
        assertThat(choose(
                                "machine-reads",
                                setting("machine-reads").path("edition").asLong(),
                                "radius")
                        .status())
                .isEqualTo(200);
    }

    private String said(Map<String, String> quick) {
        return server.post("/api/v1/quick-size", quick)
                .json()
                .path("verdict")
                .path("sentence")
                .asString();
    }

    @Test
    void nobody_decides_without_saying_who_they_are() {
        assertThat(server.send(Server.json(
                                server.request("/api/v1/settings/sounds").header("If-Match", "\"0\""),
                                "PUT",
                                Map.of("choice", "off")))
                        .code())
                .isEqualTo("nobody-picked");
    }
}
