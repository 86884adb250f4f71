package jawread.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/** A file system of its own that is soon full, where the machine allows to make one. */
final class SmallDisk implements AutoCloseable {
    private static final int MEGABYTES = 64;
    private final Path folder;

    private SmallDisk(Path folder) {
        this.folder = folder;
    }

    /** Empty where nobody here may mount anything. */
    static Optional<SmallDisk> make() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("jawread-small-disk");
        boolean made = run("mount", "-t", "tmpfs", "-o", "size=" + MEGABYTES + "m", "tmpfs", folder.toString());
        return made ? Optional.of(new SmallDisk(folder)) : Optional.empty();
    }

    private static boolean run(String... command) throws InterruptedException {
        try {
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return process.waitFor(20, TimeUnit.SECONDS) && process.exitValue() == 0;
        } catch (IOException noSuchCommand) {
            return false;
        }
    }

    Path folder() {
        return folder;
    }

    /** Takes all the room there is. */
    void fill() throws IOException {
        try (var out = Files.newOutputStream(folder.resolve("everything-else"))) {
            byte[] block = new byte[64 * 1024];
            while (true) {
                out.write(block);
            }
        } catch (IOException full) {
            if (Files.size(folder.resolve("everything-else")) == 0) {
                throw full;
            }
        }
    }

    /** Gives it back. */
    void makeRoom() throws IOException {
        Files.delete(folder.resolve("everything-else"));
    }

    @Override
    public void close() throws IOException {
        try {
            run("umount", folder.toString());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        Files.deleteIfExists(folder);
    }
}
