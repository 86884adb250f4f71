package jawread.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/**
 * The packaged jar unpacked, with an archive of its loaded classes, as {@code ./run} prepares it: started so it answers in
 * less than half the time. Made once a run, in a temporary folder.
 *
 * @param options those of its Java machine, as Java takes them from a file: they stand beside the folder that the jar is built in
 */
record FastStart(Path jar, Path classes, String options) {
    static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();
    private static FastStart prepared;

    static synchronized FastStart prepared() {
        if (prepared == null) {
            prepared = prepare();
        }
        return prepared;
    }

    private static FastStart prepare() {
        try {
            Path folder = Scratch.folder("jawread-app");
            Path packaged = Path.of(System.getProperty("jawread.jar"));
            run(
                    Map.of(),
                    JAVA,
                    "-Djarmode=tools",
                    "-jar",
                    packaged.toString(),
                    "extract",
                    "--destination",
                    folder.toString(),
                    "--force");
            Path jar = folder.resolve(packaged.getFileName());
            Path classes = folder.resolve("classes.jsa");
            String options = "@" + packaged.toAbsolutePath().getParent().resolveSibling("java.options");
            run(
                    Map.of("JAWREAD_DATA", folder.resolve("rehearsal").toString(), "JAWREAD_PORT", "0"),
                    JAVA,
                    options,
                    "-XX:ArchiveClassesAtExit=" + classes,
                    "-Dspring.context.exit=onRefresh",
                    "-Dspring.profiles.active=demo",
                    "-jar",
                    jar.toString());
            return new FastStart(jar, classes, options);
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void run(Map<String, String> environment, String... command)
            throws IOException, InterruptedException {
        Path log = Scratch.folder("jawread-prepare").resolve("log");
        var builder =
                new ProcessBuilder(List.of(command)).redirectErrorStream(true).redirectOutput(log.toFile());
        builder.environment().putAll(environment);
        int exit = builder.start().waitFor();
        if (exit != 0) {
            throw new IllegalStateException(
                    "Preparing the application ended with " + exit + ":\n" + Files.readString(log));
        }
    }
}
