package jawread.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sends what docs/api.md says to an empty shop, one after the other, and finds the answers that it says. */
class ApiExamplesTest {
    private static final Path DOCUMENT = Path.of("..", "docs", "api.md");
    private static final Pattern EXAMPLE =
            Pattern.compile("```http\\n(.*?)\\n```\\n```http\\n(.*?)\\n```", Pattern.DOTALL);
    private static final Pattern NAMED = Pattern.compile("\\{(\\w+)}");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    Path folder;

    /** What answers said so far, by the words that stand for it. */
    private final Map<String, String> said = new HashMap<>();

    @Test
    void every_example_runs_as_it_is_written_from_an_empty_shop_to_a_signed_report() throws Exception {
        List<String[]> examples = EXAMPLE.matcher(Files.readString(DOCUMENT))
                .results()
                .map(found -> new String[] {found.group(1), found.group(2)})
                .toList();
        assertThat(examples).hasSizeGreaterThan(20);
        try (var server = Server.emptyOfPeople(folder)) {
            for (String[] example : examples) {
                said.put("now", Instant.now().toString());
                String asked = filled(example[0]);
                compare(example[1], send(server, asked), asked.split("\\n", 2)[0]);
            }
        }
        assertThat(said).containsKeys("token", "shank", "record", "hash");
    }

    private String filled(String asked) {
        return NAMED.matcher(asked)
                .replaceAll(named -> Matcher.quoteReplacement(said.getOrDefault(named.group(1), named.group())));
    }

    private static Answer send(Server server, String asked) {
        String[] headAndBody = asked.split("\\n\\n", 2);
        List<String> head = headAndBody[0].lines().toList();
        String[] what = head.get(0).split(" ", 2);
        HttpRequest.Builder request = server.request(what[1]);
        head.stream().skip(1).map(line -> line.split(": ", 2)).forEach(line -> request.header(line[0], line[1]));
        return server.send(request.method(
                what[0], headAndBody.length > 1 ? BodyPublishers.ofString(headAndBody[1]) : BodyPublishers.noBody()));
    }

    private void compare(String expected, Answer answer, String asked) {
        List<String> lines = expected.lines().toList();
        assertThat(answer.status()).as(asked + "\n" + answer.text()).isEqualTo(Integer.parseInt(lines.get(0)));
        if (lines.size() > 1 && lines.get(1).startsWith("Content-Type: ")) {
            assertThat(answer.header("Content-Type"))
                    .as(asked)
                    .startsWith(lines.get(1).split(": ")[1]);
        } else {
            compare(JSON.readTree(lines.stream().skip(1).collect(Collectors.joining("\n"))), answer.json(), asked);
        }
    }

    private void compare(JsonNode expected, JsonNode found, String where) {
        if (expected.isObject()) {
            expected.properties()
                    .forEach(each -> compare(each.getValue(), found.path(each.getKey()), where + " " + each.getKey()));
        } else if (expected.isArray()) {
            assertThat(found.size()).as(where).isGreaterThanOrEqualTo(expected.size());
            for (int i = 0; i < expected.size(); i++) {
                compare(expected.get(i), found.get(i), where + " " + i);
            }
        } else {
            Matcher named = NAMED.matcher(expected.asString());
            if (named.matches() && !said.containsKey(named.group(1))) {
                assertThat(found.asString("")).as(where).isNotEmpty();
                said.put(named.group(1), found.asString());
            } else {
                assertThat(found.asString("nothing there")).as(where).isEqualTo(filled(expected.asString()));
            }
        }
    }
}
