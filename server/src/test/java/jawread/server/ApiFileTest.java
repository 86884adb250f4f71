package jawread.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The description of the interface that the screens' client is generated from is the one that the server serves. Run with
 * {@code -Djawread.write-api=true} to write it anew.
 */
@ExtendWith(RunningServer.class)
class ApiFileTest {
    private static final Path FILE = Path.of("../web/openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Test
    void the_file_says_what_the_server_serves(Server server) throws IOException {
        var served = server.get("/api/openapi").json();
        if (Boolean.getBoolean("jawread.write-api")) {
            Files.writeString(FILE, JSON.writeValueAsString(served) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(FILE)))
                .as("web/openapi.json; CONTRIBUTING.md says how to write it anew")
                .isEqualTo(served);
    }
}
