package jawread.server.exchange;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import jawread.server.exchange.Backup.Contents;
import jawread.server.storage.ShopFile;

/**
 * {@code backup FILE} and {@code restore FILE} from the command line. A shop that is open is asked for its backup; one that is
 * not is read where it lies.
 */
public final class BackupCommand {
    private static final String LOCKED = "90020";

    /** The folder of the shop that a server has open, so that another's is not taken for it. */
    static final String WHOSE = "Jawread-Data";

    private final Path data;
    private final int port;

    private BackupCommand(Path data, int port) {
        this.data = data;
        this.port = port;
    }

    /** Whether the arguments ask for one of the two. */
    public static boolean isMeant(String... arguments) {
        return arguments.length == 2 && (arguments[0].equals("backup") || arguments[0].equals("restore"));
    }

    /** Does it, says what it came to, and answers the exit code. */
    public static int run(String... arguments) {
        var command = new BackupCommand(
                Path.of(System.getenv().getOrDefault("JAWREAD_DATA", "data/shop"))
                        .toAbsolutePath()
                        .normalize(),
                Integer.parseInt(System.getenv().getOrDefault("JAWREAD_PORT", "8080")));
        Path file = Path.of(arguments[1]).toAbsolutePath();
        try {
            System.out.println(arguments[0].equals("backup") ? command.backup(file) : command.restore(file));
            return 0;
        } catch (IllegalStateException | IOException | SQLException failure) {
            System.err.println(failure.getMessage());
            return 1;
        }
    }

    private String backup(Path file) throws IOException, SQLException {
        // Beside its place first: a backup of yesterday is not lost to one that fails today.
        Path half = file.resolveSibling(file.getFileName() + ".part");
        try {
            if (!askedOfTheServer(half)) {
                if (!Files.exists(new ShopFile(data).path())) {
                    throw new IllegalStateException("There is no shop in " + data + ".");
                }
                try (var connection = open();
                        var out = Files.newOutputStream(half)) {
                    Backup.write(connection, out);
                }
            }
            Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (InterruptedException e) {
            throw new IllegalStateException("Broken off.", e);
        } finally {
            Files.deleteIfExists(half);
        }
        return "Backed up to " + file + ", " + Files.size(file) / 1024 + " KiB.";
    }

    /** False when no server answers, so that the shop lies still. */
    private boolean askedOfTheServer(Path file) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/backup"))
                .build();
        try {
            HttpResponse<Path> answer = HttpClient.newHttpClient().send(request, BodyHandlers.ofFile(file));
            if (!answer.headers()
                    .firstValue(WHOSE)
                    .filter(data.toString()::equals)
                    .isPresent()) {
                return false;
            }
            if (answer.statusCode() != 200) {
                throw new IllegalStateException("The server answered " + answer.statusCode() + " to a backup.");
            }
            return true;
        } catch (ConnectException nobodyThere) {
            return false;
        }
    }

    private String restore(Path file) throws IOException, SQLException {
        if (!Files.exists(file)) {
            throw new IllegalStateException("There is no file " + file + ".");
        }
        Files.createDirectories(data);
        try (var connection = open()) {
            Map<String, Contents> restored = Backup.restore(file, connection);
            long rows = restored.values().stream().mapToLong(Contents::rows).sum();
            return "Restored into " + data + ": " + restored.size() + " tables, " + rows + " rows, "
                    + count(restored, "job") + " jobs, " + count(restored, "reading")
                    + " readings; every count and hash is that of the file.";
        }
    }

    private static long count(Map<String, Contents> restored, String table) {
        return restored.getOrDefault(table, new Contents(0, "")).rows();
    }

    private Connection open() throws SQLException {
        try {
            return new ShopFile(data).open();
        } catch (SQLException failure) {
            if (failure.getSQLState().equals(LOCKED)) {
                throw new IllegalStateException("The shop in " + data + " is open: stop its server first.", failure);
            }
            throw failure;
        }
    }
}
