package jawread.server.measure;

import java.sql.Connection;
import java.sql.SQLException;
import org.h2.api.Trigger;

/** Stands before every update and deletion on a table whose rows are kept as they were, and refuses it. */
public class InsertOnly implements Trigger {
    private String table = "";

    @Override
    public void init(Connection connection, String schema, String trigger, String tableName, boolean before, int type) {
        table = tableName;
    }

    @Override
    public void fire(Connection connection, Object[] oldRow, Object[] newRow) throws SQLException {
        throw new SQLException(table + " is insert-only: what was read is never changed or deleted", "23514");
    }
}
