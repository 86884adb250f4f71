package jawread.server.exchange;

import jawread.server.words.Shop;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tidies the shop's file when the shop is opened: nobody waits for a figure then, and one that is only ever switched off is tidied too. */
@Configuration
class TidiedAtOpening {
    private static final long MUCH = 64 * ShopFile.MEGABYTE;

    /** Before anything else opens it. */
    @Bean
    FlywayMigrationStrategy tidied(Shop shop) {
        return flyway -> {
            new ShopFile(shop.data().toAbsolutePath()).tidy(MUCH);
            flyway.migrate();
        };
    }
}
