package jawread.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The packaged jar unpacked, with an archive of its loaded classes, as {@code ./run} prepares it: started so it answers in
 * less than half the time. Made once a run, in a temporary folder.
 *
 * @param project where it is started: the options of its Java machine are found from there
 */
record FastStart(Path jar, Path classes, Path project) {
    private static final String OPTIONS = "@server/java.options";
    private static final String JAVA =
            Path.of(System.getProperty("java.home"), "bin", "java").toString();
    private static FastStart prepared;

    static synchronized FastStart prepared() {
        if (prepared == null) {
            prepared = prepare();
        }
        return prepared;
    }

    /** The program, not started yet. @param before what runs it: {@code nice}, or nothing */
    ProcessBuilder program(List<String> before, List<String> arguments) {
        return new ProcessBuilder(Stream.of(
                                before,
                                List.of(JAVA, OPTIONS, "-XX:SharedArchiveFile=" + classes, "-jar", jar.toString()),
                                arguments)
                        .flatMap(List::stream)
                        .toList())
                .directory(project.toFile())
                .redirectErrorStream(true);
    }

    private static FastStart prepare() {
        try {
            Path folder = Scratch.folder("jawread-app");
            Path packaged =
                    Path.of(System.getProperty("jawread.jar")).toAbsolutePath().normalize();
            Path project = packaged.getParent().getParent().getParent();
            run(
                    project,
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
            run(
                    project,
                    Map.of("JAWREAD_DATA", folder.resolve("rehearsal").toString(), "JAWREAD_PORT", "0"),
                    JAVA,
                    OPTIONS,
                    "-XX:ArchiveClassesAtExit=" + classes,
                    "-Dspring.context.exit=onRefresh",
                    "-Dspring.profiles.active=demo",
                    "-jar",
                    jar.toString());
            return new FastStart(jar, classes, project);
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void run(Path project, Map<String, String> environment, String... command)
            throws IOException, InterruptedException {
        Path log = Scratch.folder("jawread-prepare").resolve("log");
        var builder = new ProcessBuilder(List.of(command))
                .directory(project.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile());
        builder.environment().putAll(environment);
        int exit = builder.start().waitFor();
        if (exit != 0) {
            throw new IllegalStateException(
                    "Preparing the application ended with " + exit + ":\n" + Files.readString(log));
        }
    }
}
