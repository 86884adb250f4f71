package jawread.server;

import jawread.box.BoxProgram;
import jawread.server.access.Passphrase;
import jawread.server.exchange.ShopCommands;
import jawread.server.words.Shop;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;

/**
 * Starts Jaw Read. With the profile {@code demo} it opens the demonstration shop; with {@code backup FILE},
 * {@code restore FILE}, {@code verify} or {@code passphrase} it does that and ends; with {@code gauges} it is a box of gauges without metal.
 */
// The people of the shop are no accounts of the framework's.
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableConfigurationProperties(Shop.class)
public class JawReadApplication {
    public static void main(String[] arguments) {
        if (ShopCommands.isMeant(arguments)) {
            System.exit(ShopCommands.run(arguments));
        }
        if (Passphrase.isMeant(arguments)) {
            System.exit(Passphrase.ask());
        }
        if (BoxProgram.isMeant(arguments)) {
            System.exit(BoxProgram.run(System.getenv()));
        }
        SpringApplication.run(JawReadApplication.class, arguments);
    }
}
