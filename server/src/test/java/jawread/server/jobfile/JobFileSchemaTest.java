package jawread.server.jobfile;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.tables.Table;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The published form of a job's file is what the program writes, and nothing else fits it. */
@ExtendWith(RunningServer.class)
class JobFileSchemaTest {
    private static final Path PUBLISHED = Path.of("..", "docs", "schema", "job-1.json");

    private static Map<String, Object> made(Server server) throws Exception {
        try (var connection = server.bean(DataSource.class).getConnection()) {
            Map<String, Table> tables =
                    Table.all(connection).stream().collect(Collectors.toMap(Table::name, Function.identity()));
            return new JobFileSchema(tables).of();
        }
    }

    private static Schema published() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(PUBLISHED), InputFormat.JSON);
    }

    private static List<String> files(Server server) {
        return StreamSupport.stream(server.get("/api/v1/jobs").json().spliterator(), false)
                .map(job -> server.get("/api/v1/jobs/" + job.path("id").asLong() + "/job.json")
                        .text())
                .toList();
    }

    @Test
    void it_stands_as_it_is_made(Server server) throws Exception {
        String made = JsonMapper.builder()
                        .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                        .build()
                        .writeValueAsString(made(server))
                        .replace("\r\n", "\n")
                + "\n";
        if (Boolean.getBoolean("jawread.write-schema")) {
            Files.createDirectories(PUBLISHED.getParent());
            Files.writeString(PUBLISHED, made);
        }
        assertThat(Files.readString(PUBLISHED)).isEqualTo(made);
    }

    @Test
    void every_job_of_the_demonstration_fits_it(Server server) throws IOException {
        for (String file : files(server)) {
            assertThat(published().validate(file, InputFormat.JSON)).isEmpty();
        }
    }

    @Test
    void what_is_no_job_does_not_fit(Server server) throws IOException {
        String file = files(server).stream()
                .filter(each -> each.contains("\"rawPm\""))
                .findFirst()
                .orElseThrow();
        for (String bad : List.of(
                file.replace("\"edition\":1", "\"edition\":2"),
                file.replace("\"readings\":[", "\"readings\":[{},"),
                file.replaceFirst("\"rawPm\":\"", "\"rawPm\":\"x"),
                file.replaceFirst("\"plan\":1", "\"plan\":\"1\""),
                file.replace("\"home\":", "\"from\":"))) {
            assertThat(bad).isNotEqualTo(file);
            assertThat(published().validate(bad, InputFormat.JSON)).isNotEmpty();
        }
    }
}
