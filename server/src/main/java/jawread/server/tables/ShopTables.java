package jawread.server.tables;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The tables of this shop, by name: the same as long as the program runs. */
@Component
public class ShopTables {
    private volatile Map<String, Table> tables;

    public Map<String, Table> of(Connection connection) throws SQLException {
        if (tables == null) {
            tables = Table.all(connection).stream().collect(Collectors.toMap(Table::name, Function.identity()));
        }
        return tables;
    }
}
