package jawread.server.storage;

import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.h2.mvstore.MVStoreException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Tells the trouble of a disk or a database from every other failure. */
public final class StorageTrouble {
    /** H2's own: a file that cannot be read or written, or is damaged; no room; a database that closed itself for it. */
    private static final Set<Integer> OF_THE_FILE = Set.of(90028, 90030, 90031, 90067, 90098, 90100, 90121);

    private static final int FILE_IN_USE = 90020;

    private StorageTrouble() {}

    /** Whether a server has the shop's file open. */
    public static boolean isFileInUse(Throwable failure) {
        return sqlCause(failure)
                .filter(sql -> sql.getErrorCode() == FILE_IN_USE)
                .isPresent();
    }

    /** The innermost reason, as one line with a full stop. */
    public static String sentence(Throwable failure) {
        Throwable reason = failure;
        while (reason.getCause() != null) {
            reason = reason.getCause();
        }
        String line = String.valueOf(reason.getMessage())
                .lines()
                .findFirst()
                .orElse("no reason given")
                .replaceAll("; SQL statement:.*", "")
                .strip();
        return line.endsWith(".") ? line : line + ".";
    }

    static Optional<SQLException> sqlCause(Throwable failure) {
        for (Throwable each = failure; each != null; each = each.getCause()) {
            if (each instanceof SQLException sql) {
                return Optional.of(sql);
            }
        }
        return Optional.empty();
    }

    /** Under some commits the database tells of its file with no code of its own. */
    private static boolean isOfTheStore(Throwable failure) {
        for (Throwable each = failure; each != null; each = each.getCause()) {
            if (each instanceof MVStoreException) {
                return true;
            }
        }
        return false;
    }

    /** Whether nothing can be read or written for now, whoever asks and whatever is asked. */
    public static boolean isUnder(Throwable failure) {
        return failure instanceof NotOnDisk
                || failure instanceof CannotCreateTransactionException
                || failure instanceof DataAccessResourceFailureException
                || isOfTheStore(failure)
                || sqlCause(failure)
                        .map(SQLException::getErrorCode)
                        .filter(OF_THE_FILE::contains)
                        .isPresent();
    }
}
