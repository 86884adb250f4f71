package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIfSystemProperty;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * What was read on a gauge with rods, nibs or collars before these had names judges as it did: every place of a shop, its size, U and verdict,
 * as the last program of schema 15 wrote them down with {@code -Djawread.write-verdicts=true}.
 */
class VerdictsOfBeforeTest {
    private static final String SHOP = "schema-15-worked";
    private static final Path VERDICTS = KeptShop.FOLDER.resolve(SHOP + ".verdicts.txt");

    @TempDir
    private Path folder;

    /** One line a place: where it is, and what it comes to. */
    private List<String> verdicts() throws Exception {
        new KeptShop(SHOP).unpackInto(folder);
        var lines = new ArrayList<String>();
        try (var server = Server.open(folder)) {
            server.get("/api/bench")
                    .json()
                    .path("jobs")
                    .forEach(job -> job.path("plans")
                            .forEach(plan -> plan.path("parts")
                                    .forEach(part -> part.path("features")
                                            .forEach(feature -> lines.addAll(places(
                                                    server,
                                                    "/api/parts/"
                                                            + part.path("id").asLong() + "/features/"
                                                            + feature.path("id").asLong()))))));
        }
        return lines;
    }

    private static List<String> places(Server server, String feature) {
        var lines = new ArrayList<String>();
        server.get(feature + "/sheet")
                .json()
                .path("rounds")
                .forEach(round -> round.path("places")
                        .forEach(place -> lines.add(String.join(
                                " | ",
                                feature,
                                round.path("number").asString(),
                                place.path("id").asString(),
                                text(place.path("value")),
                                text(place.path("expanded")),
                                place.at("/verdict/mark").asString()
                                        + place.at("/verdict/side").asString("")))));
        return lines;
    }

    private static String text(JsonNode length) {
        return length.path("text").asString("") + length.path("unit").asString("");
    }

    @Test
    @EnabledIfSystemProperty(named = "jawread.write-verdicts", matches = "true")
    void written_down() throws Exception {
        Files.write(VERDICTS, verdicts());
    }

    /** What was read on a gauge that nobody had set is since in doubt, whatever it came to; its size and U are as they were. */
    private static String apart(String line) {
        return line.substring(0, line.lastIndexOf('|'));
    }

    @Test
    @DisabledIfSystemProperty(named = "jawread.write-verdicts", matches = "true")
    void every_place_comes_to_what_it_did() throws Exception {
        List<String> before = Files.readAllLines(VERDICTS);
        List<String> now = verdicts();
        assertThat(before).hasSizeGreaterThan(100);
        assertThat(now).hasSameSizeAs(before);
        var doubted = new ArrayList<String>();
        for (int i = 0; i < now.size(); i++) {
            assertThat(apart(now.get(i))).isEqualTo(apart(before.get(i)));
            if (!now.get(i).equals(before.get(i))) {
                assertThat(now.get(i)).endsWith("in-doubt");
                doubted.add(now.get(i));
            }
        }
        // The barrels alone: they were read on B1 before it was set.
        assertThat(doubted).hasSizeLessThan(before.size() / 4);
    }
}
