package jawread.server.storage;

import java.time.Clock;
import jawread.server.words.Shop;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Opens the shop's file before anything else does, and tidies it: nobody waits for a figure then. */
@Configuration
@EnableConfigurationProperties(StorageRules.class)
class OpeningAtStart {
    private static final long MUCH = 64 * ShopFile.MEGABYTE;

    @Bean
    DiskRoom diskRoom() {
        return DiskRoom.OF_THE_DISK;
    }

    /** Instead of carrying the schema over in the open file, where what fails half-way stays half. */
    @Bean
    FlywayMigrationStrategy opened(Shop shop, DiskRoom room) {
        return flyway -> {
            var file = new ShopFile(shop.data().toAbsolutePath().normalize());
            file.keepToItsOwner();
            file.tidy(MUCH);
            // Copies are dated by the machine's clock: that of the demonstration shop stands in the shop that is not
            // open yet.
            new Opening(file, flyway.getConfiguration(), room, Clock.systemUTC()).open();
            file.keepToItsOwner();
        };
    }
}
