package jawread.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** Files and folders that nobody but their owner reads. Where a disk knows no owners, they are as it makes them. */
public final class OwnerOnly {
    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");

    private OwnerOnly() {}

    /** A new and empty file; what was there under its name goes. */
    public static Path file(Path file) throws IOException {
        Files.deleteIfExists(file);
        return Files.createFile(file, attributes(file, FILE));
    }

    /** A folder and those it lies in; one that is there is left as it is. */
    public static Path folder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            Path parent = folder.toAbsolutePath().getParent();
            if (parent != null) {
                Files.createDirectories(parent);
            }
            Files.createDirectory(folder, attributes(folder, FOLDER));
        }
        return folder;
    }

    /** Of a file that was made by somebody else. */
    public static void keep(Path file) throws IOException {
        if (knowsOwners(file)) {
            Files.setPosixFilePermissions(file, FILE);
        }
    }

    /** A text in a file of its own, whole whenever somebody reads it. */
    public static void write(Path file, String text) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        file(part);
        Files.writeString(part, text, StandardOpenOption.WRITE);
        Files.move(part, file, java.nio.file.StandardCopyOption.ATOMIC_MOVE);
    }

    private static FileAttribute<?>[] attributes(Path path, Set<PosixFilePermission> permissions) {
        return knowsOwners(path)
                ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(permissions)}
                : new FileAttribute<?>[0];
    }

    private static boolean knowsOwners(Path path) {
        return path.getFileSystem().supportedFileAttributeViews().contains("posix");
    }
}
