package jawread.server;

import jawread.server.words.Shop;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.EnableConfigurationProperties;

/** Starts Jaw Read. With the profile {@code demo} it opens the demonstration shop. */
@SpringBootApplication
@EnableConfigurationProperties(Shop.class)
public class JawReadApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(JawReadApplication.class, arguments);
    }
}
