package jawread.server.tables;

import java.sql.Connection;
import java.sql.SQLException;

/**
 * The shop as it was at one moment, for whoever reads all of it: what others keep meanwhile is not seen, and they wait for nothing.
 */
public final class Snapshot implements AutoCloseable {
    private final Connection connection;
    private final boolean auto;

    private Snapshot(Connection connection) throws SQLException {
        this.connection = connection;
        this.auto = connection.getAutoCommit();
        connection.setAutoCommit(false);
        say("SET SESSION CHARACTERISTICS AS TRANSACTION ISOLATION LEVEL SNAPSHOT");
        // Rows are handed on as they are found: they are laid neither in memory nor in a file.
        say("SET LAZY_QUERY_EXECUTION TRUE");
    }

    /** From now on, until it is closed. */
    public static Snapshot of(Connection connection) throws SQLException {
        return new Snapshot(connection);
    }

    /** All that is asked through it is of that moment. */
    public Connection connection() {
        return connection;
    }

    @Override
    public void close() throws SQLException {
        connection.rollback();
        say("SET LAZY_QUERY_EXECUTION FALSE");
        say("SET SESSION CHARACTERISTICS AS TRANSACTION ISOLATION LEVEL READ COMMITTED");
        connection.setAutoCommit(auto);
    }

    private void say(String words) throws SQLException {
        try (var statement = connection.createStatement()) {
            statement.execute(words);
        }
    }
}
