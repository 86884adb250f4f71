package jawread.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the web client is built and tested with is what the server serves: the interface's description, and the scales that
 * the drawings are tested on. With {@code -Djawread.write-api=true} the files are written anew.
 */
@ExtendWith(RunningServer.class)
class ApiFileTest {
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @ParameterizedTest
    @CsvSource({"/api/v1/openapi, openapi.json", "/api/v1/scales, src/drawings/scales.fixture.json"})
    void the_file_says_what_the_server_serves(String address, String name, Server server) throws IOException {
        Path file = Path.of("../web", name);
        var served = server.get(address).json();
        if (Boolean.getBoolean("jawread.write-api")) {
            Files.writeString(file, JSON.writeValueAsString(served) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(file)))
                .as("web/%s; CONTRIBUTING.md says how to write it anew", name)
                .isEqualTo(served);
    }
}
