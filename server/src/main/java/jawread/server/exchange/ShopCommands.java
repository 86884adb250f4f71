package jawread.server.exchange;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import javax.net.ssl.SSLException;
import jawread.server.chain.Verification;
import jawread.server.door.Api;
import jawread.server.storage.DiskRoom;
import jawread.server.storage.Migrations;
import jawread.server.storage.OwnerOnly;
import jawread.server.storage.ShopFile;
import jawread.server.storage.StorageTrouble;
import jawread.server.tables.Table;
import org.flywaydb.core.api.FlywayException;
import org.springframework.boot.logging.LoggingSystem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code backup FILE}, {@code restore FILE} and {@code verify} from the command line. A shop that is open is asked; one that is not is
 * read where it lies.
 */
public final class ShopCommands {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int FIRST_WITH_A_CHAIN = 10;

    private final Path data;

    ShopCommands(Path data) {
        this.data = data;
    }

    /** Whether the arguments ask for one of them. */
    public static boolean isMeant(String... arguments) {
        return arguments.length == 2 && List.of("backup", "restore").contains(arguments[0])
                || arguments.length == 1 && arguments[0].equals("verify");
    }

    /** Does it, says what it came to, and answers the exit code: 0 only when all of it is done. */
    public static int run(String... arguments) {
        // Whatever is to be said is said here, in a sentence.
        LoggingSystem.get(ShopCommands.class.getClassLoader()).beforeInitialize();
        var commands = new ShopCommands(Path.of(System.getenv().getOrDefault("JAWREAD_DATA", "data/shop"))
                .toAbsolutePath()
                .normalize());
        try {
            switch (arguments[0]) {
                case "backup" ->
                    System.out.println(commands.backup(Path.of(arguments[1]).toAbsolutePath()));
                case "restore" ->
                    System.out.println(commands.restore(Path.of(arguments[1]).toAbsolutePath()));
                default -> {
                    return commands.verify();
                }
            }
            return 0;
        } catch (NotABackup refused) {
            System.err.println(refused.getMessage());
        } catch (SSLException untrusted) {
            System.err.println(
                    "The server of this shop speaks TLS with a certificate that this machine does not vouch for."
                            + " Stop it first: then the shop is read where it lies.");
        } catch (IOException | SQLException | FlywayException failure) {
            System.err.println(
                    "It could not be done: " + StorageTrouble.sentence(failure) + " What was there is as it was.");
        } catch (InterruptedException e) {
            System.err.println("Broken off.");
        }
        return 1;
    }

    /**
     * Writes the shop into a file beside its place, restores that to be sure, and only then puts it in its place: the backup of
     * yesterday is not lost to one that fails today.
     */
    String backup(Path file) throws IOException, SQLException, InterruptedException {
        if (Files.isDirectory(file) || file.getParent() == null || !Files.isDirectory(file.getParent())) {
            throw new NotABackup("A backup cannot be written to " + file + ": name a file in a folder that is there.");
        }
        Path half = file.resolveSibling(file.getFileName() + ".part");
        if (!Files.exists(half)) {
            OwnerOnly.file(half);
        }
        try (var channel = FileChannel.open(half, StandardOpenOption.WRITE)) {
            if (!isOurs(channel)) {
                throw new NotABackup("Another backup is being written to " + file + " just now.");
            }
            try {
                channel.truncate(0);
                OwnerOnly.keep(half);
                fill(staysOpen(Channels.newOutputStream(channel)));
                channel.force(true);
                Manifest manifest = restoredToBeSure(half);
                Files.move(half, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
                ShopFile.synced(file.getParent());
                return "Backed up to " + file + ", " + Files.size(file) / 1024 + " KiB: " + said(manifest)
                        + ". It was restored on trial, and every table came out as it went in.";
            } finally {
                Files.deleteIfExists(half);
            }
        }
    }

    /** Whoever closes it has written all: what it goes to is locked until that is in its place. */
    private static OutputStream staysOpen(OutputStream to) {
        return new FilterOutputStream(to) {
            @Override
            public void write(byte[] bytes, int from, int count) throws IOException {
                out.write(bytes, from, count);
            }

            @Override
            public void close() throws IOException {
                flush();
            }
        };
    }

    private static boolean isOurs(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException another) {
            return false;
        }
    }

    private Manifest restoredToBeSure(Path half) throws IOException {
        Path scratch = half.resolveSibling(half.getFileName() + ".restored");
        try (var written = BackupFile.open(half);
                var restored = Restoring.of(written, scratch, DiskRoom.OF_THE_DISK)) {
            if (restored.manifest().rows() == 0) {
                throw new NotABackup(
                        "The shop in " + data + " is empty: there is nothing to back up, and nothing was written.");
            }
            return restored.manifest();
        }
    }

    private void fill(OutputStream out) throws IOException, SQLException, InterruptedException {
        if (!Files.exists(new ShopFile(data).path())) {
            throw new NotABackup("There is no shop in " + data + ". JAWREAD_DATA names another folder.");
        }
        if (!new ServerAtWork(data).isAsked(Api.V1 + "/backup", out)) {
            try (var connection = open()) {
                BackupWriter.write(connection, out, Clock.systemUTC(), () -> {});
            }
        }
    }

    /** Makes the shop in a folder beside its place, and only one that is whole and this program's becomes the shop. */
    String restore(Path file) throws IOException, SQLException {
        boolean madeFolder = !Files.exists(data);
        boolean done = false;
        String misfits;
        OwnerOnly.folder(data);
        try (var from = BackupFile.open(file)) {
            refuseUnlessEmpty();
            try (var restored = Restoring.of(from, data.resolve("being-restored"), DiskRoom.OF_THE_DISK)) {
                misfits = carriedOn(restored.shop());
                restored.shop().compact();
                OwnerOnly.keep(restored.shop().path());
                restored.shop().takePlaceOf(new ShopFile(data));
            }
            done = true;
            return "Restored into " + data + ": " + said(from.manifest())
                    + "; every table came out as it went in. Whoever was signed on touches their name again." + misfits;
        } finally {
            if (madeFolder && !done) {
                Files.deleteIfExists(data);
            }
        }
    }

    /** Says whether the journal and the tables fit, and what does not; answers 0 when all does. */
    int verify() throws IOException, SQLException, InterruptedException {
        if (!Files.exists(new ShopFile(data).path())) {
            throw new NotABackup("There is no shop in " + data + ". JAWREAD_DATA names another folder.");
        }
        var answer = new java.io.ByteArrayOutputStream();
        if (new ServerAtWork(data).isAsked(Api.V1 + "/chain/now", answer)) {
            JsonNode view = JSON.readTree(answer.toByteArray());
            view.path("misfits").forEach(misfit -> System.out.println(misfit.asString("")));
            System.out.println(view.path("sentence").asString(""));
            return view.path("fits").asBoolean(false) ? 0 : 1;
        }
        try (var connection = open()) {
            if (Migrations.last(new ShopFile(data))
                    .filter(schema -> schema >= FIRST_WITH_A_CHAIN)
                    .isEmpty()) {
                throw new NotABackup(
                        "The shop in " + data
                                + " was last opened by a program that kept no chain. Open it once with this one: from then on a change shows.");
            }
            Verification.Result result = Verification.of(connection);
            result.misfits().forEach(System.out::println);
            System.out.println(said(result));
            return result.fits() ? 0 : 1;
        }
    }

    private static String said(Verification.Result result) {
        return result.fits()
                ? result.lines() + " lines of the journal and " + result.rows()
                        + " rows were compared: all fits. A chain shows that"
                        + " something was changed, not who changed it."
                : result.count()
                        + " things are not what the journal tells. Something was changed, put in or taken out outside"
                        + " Jaw Read.";
    }

    /**
     * Makes it this program's, and looks at its chain: a backup is what the shop was, and that something had been changed in it is told,
     * and no reason to lose the rest.
     */
    private static String carriedOn(ShopFile shop) throws SQLException {
        Migrations.onward(shop);
        try (var connection = shop.open()) {
            Verification.Result result = Verification.of(connection);
            return result.fits() ? "" : "\n" + String.join("\n", result.misfits()) + "\n" + said(result);
        }
    }

    private void refuseUnlessEmpty() throws SQLException {
        if (!Files.exists(new ShopFile(data).path())) {
            return;
        }
        try (var connection = open()) {
            for (Table table : Table.all(connection)) {
                table.each(connection, row -> {
                    throw new NotABackup(
                            "The shop in " + data + " is not empty: a backup is restored into an empty one."
                                    + " Name another folder with JAWREAD_DATA.");
                });
            }
        }
    }

    private static String said(Manifest manifest) {
        return manifest.tables().size() + " tables, " + manifest.rows() + " rows, " + manifest.rows("job") + " jobs, "
                + manifest.rows("reading") + " readings, schema " + manifest.schema();
    }

    private Connection open() throws SQLException {
        try {
            return new ShopFile(data).open();
        } catch (SQLException failure) {
            if (StorageTrouble.isFileInUse(failure)) {
                throw new NotABackup("The shop in " + data + " is open. Stop its server first.", failure);
            }
            throw failure;
        }
    }
}
