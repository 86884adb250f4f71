package jawread.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** How much room there is on the disk that a folder lies on. */
@FunctionalInterface
public interface DiskRoom {
    DiskRoom OF_THE_DISK = folder -> {
        try {
            return Files.getFileStore(folder).getUsableSpace();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    };

    /** In bytes. @param folder one that is there */
    long bytesOn(Path folder);
}
