package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.Convert;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.metamodel.Attribute;
import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import jawread.core.gauge.GaugeKind;
import jawread.core.judge.NextStep;
import jawread.core.misread.Slip;
import jawread.core.scale.Scales;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.settings.Caution;
import jawread.server.settings.Setting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What is written into a shop's file is spelt there as it was: words of enumerations, keys of what is kept as JSON, codes, names of
 * settings and classes of triggers. A refactoring that renames one in the code makes this fail; it then needs a migration, and the
 * new spelling is added here beside the old one's end. {@code -Djawread.write-names=true} adds what is new.
 */
@ExtendWith(RunningServer.class)
class StoredNamesTest {
    private static final Path FILE = Path.of("src/test/resources/shops/stored-names.txt");
    private final Server server;

    StoredNamesTest(Server server) {
        this.server = server;
    }

    @Test
    void what_is_stored_keeps_its_spelling() throws IOException {
        var now = new TreeSet<String>();
        words().forEach(now::add);
        if (Boolean.getBoolean("jawread.write-names")) {
            Files.write(FILE, now);
        }
        List<String> stored = Files.readAllLines(FILE);
        assertThat(stored).hasSizeGreaterThan(150);
        assertThat(now).as("what %s says is stored", FILE).containsAll(stored);
        assertThat(stored)
                .as("new words are written down with -Djawread.write-names=true")
                .containsAll(now);
    }

    private Stream<String> words() {
        return Stream.of(
                        ofEntities(),
                        codes("setting", Arrays.stream(Setting.values()).map(Setting::code)),
                        Arrays.stream(Setting.values())
                                .flatMap(setting -> codes("choice of " + setting.code(), setting.choices().stream())),
                        codes("caution", Arrays.stream(Caution.values()).map(Caution::code)),
                        codes("gauge kind", GaugeKind.ALL.stream().map(GaugeKind::code)),
                        codes("scale", Scales.all().stream().map(scale -> scale.id())),
                        codes("slip", Arrays.stream(Slip.values()).map(Slip::code)),
                        codes("step", Arrays.stream(NextStep.values()).map(NextStep::code)),
                        codes(
                                "trigger",
                                server
                                        .bean(JdbcTemplate.class)
                                        .queryForList(
                                                "SELECT DISTINCT java_class FROM information_schema.triggers",
                                                String.class)
                                        .stream()))
                .flatMap(each -> each);
    }

    private static Stream<String> codes(String what, Stream<String> codes) {
        return codes.map(code -> what + ": " + code);
    }

    /** Enumerations in columns, and the keys of values that are kept as JSON. */
    private Stream<String> ofEntities() {
        return server.bean(EntityManagerFactory.class).getMetamodel().getEntities().stream()
                .flatMap(entity -> entity.getAttributes().stream())
                .flatMap(StoredNamesTest::ofAttribute);
    }

    private static Stream<String> ofAttribute(Attribute<?, ?> attribute) {
        String row = attribute.getDeclaringType().getJavaType().getSimpleName();
        String name = (row.endsWith("Row") ? row.substring(0, row.length() - 3) : row) + "." + attribute.getName();
        Class<?> type = attribute.getJavaType();
        if (type.isEnum()) {
            return codes(name, Arrays.stream(type.getEnumConstants()).map(word -> ((Enum<?>) word).name()));
        }
        boolean isJson = attribute.getJavaMember() instanceof Field field && field.isAnnotationPresent(Convert.class);
        return isJson && type.isRecord()
                ? codes(name, Arrays.stream(type.getRecordComponents()).flatMap(StoredNamesTest::key))
                : Stream.empty();
    }

    private static Stream<String> key(RecordComponent component) {
        boolean isMap = component.getGenericType() instanceof ParameterizedType;
        return Stream.of(component.getName() + (isMap ? " {}" : ""))
                .flatMap(key -> component.getType().isEnum()
                        ? Arrays.stream(component.getType().getEnumConstants()).map(word -> key + " " + word)
                        : Stream.of(key));
    }
}
