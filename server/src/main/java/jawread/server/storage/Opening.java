package jawread.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Arrays;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.configuration.Configuration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Opens a shop's file for this program. One of an older program is copied aside, carried over on a second copy, and only that copy,
 * whole and on the disk, takes its place: whenever carrying over fails or the power goes, the shop is as it was. One of a newer
 * program is refused.
 */
final class Opening {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);

    private static final int READINGS_OUTLIVE_THE_PLAN = 13;

    private final ShopFile shop;
    private final Configuration migrations;
    private final DiskRoom room;
    private final Asides asides;

    Opening(ShopFile shop, Configuration migrations, DiskRoom room, Clock clock) {
        this.shop = shop;
        this.migrations = migrations;
        this.room = room;
        this.asides = new Asides(shop, clock);
    }

    /** Does it, unless the shop is of this program already. Throws {@link NotOpened} with the reason otherwise. */
    void open() {
        ShopFile scratch = new ShopFile(shop.folder(), "shop-being-carried-over");
        try {
            OwnerOnly.folder(shop.folder());
            refuseOnAFullDisk(null);
            // Left by a start that was broken off: the shop itself was not touched.
            scratch.delete();
            if (!shop.exists()) {
                carryOver(scratch, "none");
                return;
            }
            // Looked at without being touched: a file that is refused, or copied aside, stays byte for byte.
            MigrationInfoService info =
                    flyway(shop.url() + ";ACCESS_MODE_DATA=r").info();
            String schema =
                    Optional.ofNullable(info.current()).map(Opening::version).orElse("none");
            refuseNewer(info);
            if (info.pending().length > 0) {
                refuseWithoutRoom();
                ShopFile aside = asides.keep(schema);
                shop.copyTo(scratch);
                carryOver(scratch, schema);
                asides.prune();
                LOG.info(
                        "The shop was carried over from schema {}; as it was before it lies in {}",
                        schema,
                        aside.path());
                tellWhatCountsAgain(schema);
            }
        } catch (IOException | FlywayException failure) {
            throw notOpened(failure);
        }
    }

    private Flyway flyway(String url) {
        return Flyway.configure()
                .configuration(migrations)
                .dataSource(url, "sa", "")
                .load();
    }

    /** @param schema that it is in now; none for a new shop */
    private void carryOver(ShopFile scratch, String schema) throws IOException {
        try {
            flyway(scratch.url()).migrate();
            scratch.compact();
        } catch (FlywayException | SQLException failure) {
            scratch.delete();
            throw new NotOpened(
                    "The shop in %s could not be carried over from schema %s to this program: %s It is as it was before."
                            .formatted(shop.folder(), schema, StorageTrouble.sentence(failure)),
                    "Go on with the program that it was last opened with, and tell whoever looks after this one.",
                    failure);
        }
        scratch.takePlaceOf(shop);
    }

    /** What was read under earlier revisions of its plan counted no more until then. */
    private void tellWhatCountsAgain(String schema) {
        if (Integer.parseInt(schema) >= READINGS_OUTLIVE_THE_PLAN) {
            return;
        }
        try (var connection = shop.open();
                var statement = connection.createStatement();
                var row = statement.executeQuery(
                        "SELECT COALESCE(SUM(readings), 0), COUNT(DISTINCT part_id) FROM counts_again")) {
            row.next();
            LOG.info(
                    "{} readings under earlier revisions of their plans count again, on {} parts",
                    row.getLong(1),
                    row.getLong(2));
        } catch (SQLException failure) {
            throw notOpened(failure);
        }
    }

    private void refuseNewer(MigrationInfoService info) {
        Arrays.stream(info.all())
                .filter(each -> each.getState().isApplied() && !each.getState().isResolved())
                .map(Opening::version)
                .findFirst()
                .ifPresent(newer -> {
                    throw new NotOpened(
                            "The shop in %s was last opened by a newer program, which keeps it in a way (schema %s) that this one does not know. Nothing was changed."
                                    .formatted(shop.folder(), newer),
                            "Open it with that program, or restore a backup made before it into another folder.");
                });
    }

    /** A database that cannot write a byte closes itself at the first thing it is asked to keep. */
    private void refuseOnAFullDisk(Throwable failure) {
        if (room.bytesOn(shop.folder()) < ShopFile.MEGABYTE) {
            throw new NotOpened(
                    "The disk that the shop in %s lies on is full: it cannot be opened. Nothing of it is lost."
                            .formatted(shop.folder()),
                    "Make room on that disk, then start again.",
                    failure);
        }
    }

    private void refuseWithoutRoom() throws IOException {
        // One copy to go back to, one to be carried over, and what the database writes meanwhile.
        long wanted = 3 * Files.size(shop.path()) + ShopFile.MEGABYTE;
        long there = room.bytesOn(shop.folder());
        if (there < wanted) {
            throw new NotOpened(
                    "The shop in %s is to be carried over to this program, and its disk has no room for the copies: %d MB are free, %d MB are wanted. Nothing was changed."
                            .formatted(shop.folder(), there / ShopFile.MEGABYTE, 1 + wanted / ShopFile.MEGABYTE),
                    "Make room on that disk, then start again.");
        }
    }

    private NotOpened notOpened(Exception failure) {
        if (StorageTrouble.isFileInUse(failure)) {
            return new NotOpened(
                    "The shop in %s is open already: another Jaw Read has it.".formatted(shop.folder()),
                    "Use that one, or stop it first.",
                    failure);
        }
        refuseOnAFullDisk(failure);
        return new NotOpened(
                "The shop in %s could not be opened: %s".formatted(shop.folder(), StorageTrouble.sentence(failure)),
                "Look whether that folder may be written to; else restore the last backup into another folder.",
                failure);
    }

    private static String version(MigrationInfo migration) {
        return migration.getVersion().getVersion();
    }
}
