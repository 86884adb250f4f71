package jawread.server.pairing;

import static org.assertj.core.api.Assertions.assertThat;

import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The pump's barrels and plungers, put together. */
@ExtendWith(RunningServer.class)
class PairingTest {
    private final Server server;
    private final long pump;

    PairingTest(Server server) {
        this.server = server;
        this.pump = Walk.named(server.get("/api/bench").json().path("jobs"), "Three-throw pump")
                .path("id")
                .asLong();
    }

    private Answer ask(String query) {
        return server.get("/api/jobs/" + pump + "/pairing?" + query);
    }

    private static long part(JsonNode parts, String name) {
        return Walk.named(parts, name).path("id").asLong();
    }

    @Test
    void one_barrel_and_one_plunger_keep_the_clearance_and_the_rest_is_told_what_to_order() {
        JsonNode said = ask("least=0.0030&most=0.0060").json();
        JsonNode pair = said.path("best").path("pairs").get(0);
        assertThat(said.path("best").path("pairs")).hasSize(1);
        assertThat(pair.path("insideName").asString()).isEqualTo("barrel 1");
        assertThat(pair.path("outsideName").asString()).isEqualTo("plunger 3");
        assertThat(pair.path("clearance").path("text").asString()).isEqualTo("0.00468");
        assertThat(pair.path("mark").asString()).isEqualTo("in");
        assertThat(said.path("order").toString())
                .contains("barrel 2 is left over: order or turn an outside from 3.2503 to 3.2507 in for it.")
                .contains("barrel 3 is left over, and no size keeps every place of it inside the window")
                .contains("plunger 2 is left over: order or bore an inside from 3.2477 to 3.2489 in for it.");
        assertThat(Walk.named(said.path("outsideParts"), "plunger 1")
                        .path("verdict")
                        .path("mark")
                        .asString())
                .as("its size is none to go by")
                .isEqualTo("wrong-way");
    }

    @Test
    void a_choice_by_hand_is_told_what_it_costs() {
        JsonNode free = ask("").json();
        assertThat(free.has("best")).isFalse();
        assertThat(free.path("sentence").asString()).contains("Say what there is to be between them");
        long first = part(free.path("insideParts"), "barrel 1");
        long third = part(free.path("outsideParts"), "plunger 3");
        long worn = part(free.path("outsideParts"), "plunger 2");

        JsonNode asBest =
                ask("least=0.0030&most=0.0060&pairs=" + first + "-" + third).json();
        assertThat(asBest.path("chosen").path("sentence").asString()).isEqualTo("As good as the best there is.");
        JsonNode worse =
                ask("least=0.0030&most=0.0060&pairs=" + first + "-" + worn).json();
        assertThat(worse.path("chosen").path("sentence").asString())
                .isEqualTo("0 pairs inside the window; the best there is has 1.");
        assertThat(worse.path("chosen").path("pairs").get(0).path("word").asString())
                .isEqualTo("too loose");
        JsonNode none = ask("least=0.0030&most=0.0060&pairs=,").json();
        assertThat(none.path("chosen").path("pairs")).isEmpty();
    }

    @Test
    void what_cannot_be_is_refused_where_it_stands() {
        assertThat(ask("least=0.0060&most=0.0030").code()).isEqualTo("clearance-upside-down");
        assertThat(ask("least=x&most=0.0030").code()).isEqualTo("no-number");
        JsonNode free = ask("").json();
        long first = part(free.path("insideParts"), "barrel 1");
        long second = part(free.path("insideParts"), "barrel 2");
        long third = part(free.path("outsideParts"), "plunger 3");
        assertThat(ask("least=0&most=1&pairs=" + first + "-" + third + "," + second + "-" + third)
                        .code())
                .isEqualTo("paired-twice");
        assertThat(ask("least=0&most=1&pairs=1-2-3").code()).isEqualTo("no-such-pair");
        assertThat(ask("least=0.03&most=0.04")
                        .json()
                        .path("best")
                        .path("sentence")
                        .asString())
                .startsWith("None of 3 insides and 3 outsides");
    }
}
