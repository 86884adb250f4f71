package jawread.server;

import jawread.server.exchange.BackupCommand;
import jawread.server.words.Shop;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/**
 * Starts Jaw Read. With the profile {@code demo} it opens the demonstration shop; with {@code backup FILE} or
 * {@code restore FILE} it does that and ends.
 */
@SpringBootApplication
@EnableConfigurationProperties(Shop.class)
public class JawReadApplication {
    public static void main(String[] arguments) {
        if (BackupCommand.isMeant(arguments)) {
            System.exit(BackupCommand.run(arguments));
        }
        SpringApplication.run(JawReadApplication.class, arguments);
    }
}
