package jawread.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Folders for as long as a run lasts. */
final class Scratch {
    private static final List<Path> FOLDERS = Collections.synchronizedList(new ArrayList<>());

    private Scratch() {}

    /** An empty folder, gone with the run. */
    static Path folder(String name) {
        try {
            Path folder = Files.createTempDirectory(name);
            FOLDERS.add(folder);
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** At the very end, when nothing writes there any more. */
    static void clear() {
        FOLDERS.forEach(Scratch::delete);
    }

    private static void delete(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
