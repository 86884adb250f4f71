package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.server.tables.Table;
import org.springframework.stereotype.Component;

/** The tables of this shop, by name: the same as long as the program runs. */
@Component
class ShopTables {
    private volatile Map<String, Table> tables;

    Map<String, Table> of(Connection connection) throws SQLException {
        if (tables == null) {
            tables = Table.all(connection).stream().collect(Collectors.toMap(Table::name, Function.identity()));
        }
        return tables;
    }
}
