package jawread.server.storage;

import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.configuration.FluentConfiguration;

/** How a shop's tables came to be, step by step: the same for a shop that is opened, and for one that is restored. */
public final class Migrations {
    private Migrations() {}

    /** Those of this program, on a shop's file. */
    private static FluentConfiguration on(ShopFile shop) {
        return Flyway.configure().locations("classpath:db/migration").dataSource(shop.url(), "sa", "");
    }

    /** The number of the last one that this program has. */
    public static int newest() {
        var info = Flyway.configure()
                .locations("classpath:db/migration")
                .dataSource("jdbc:h2:mem:", "sa", "")
                .load()
                .info();
        return number(info.all()[info.all().length - 1]);
    }

    /** The number of the last one that made the shop what it is; empty for a new one. */
    public static Optional<Integer> last(ShopFile shop) {
        return Optional.ofNullable(on(shop).load().info().current()).map(Migrations::number);
    }

    /** Makes the shop's tables as they were after a migration, in a file that is new. */
    public static void upTo(ShopFile shop, int schema) {
        on(shop).target(MigrationVersion.fromVersion(Integer.toString(schema)))
                .load()
                .migrate();
    }

    /** Makes the shop's tables this program's. */
    public static void onward(ShopFile shop) {
        on(shop).load().migrate();
    }

    private static int number(MigrationInfo migration) {
        return Integer.parseInt(migration.getVersion().getVersion());
    }
}
