package jawread.server.access;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.server.door.Api;
import jawread.server.storage.OwnerOnly;
import jawread.server.words.Shop;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * How a command at the shop's own machine proves that it may have the whole shop: by a secret in the shop's folder, in a file that
 * only its owner reads. It is used up by being shown, and another lies there at once. Beside it stands where the server answers.
 */
@Component
public class FolderSecret {
    public static final String HEADER = "Jawread-Folder-Secret";

    /** What a command asks for with it. */
    static final Set<String> OPENS = Set.of(Api.V1 + "/backup", Api.V1 + "/chain/now");

    private static final String FILE = "server-at-work";
    private static final SecureRandom RANDOM = new SecureRandom();

    private final Path file;
    private final Reach reach;
    private URI server;
    private String secret;

    FolderSecret(Shop shop, Reach reach) {
        this.file = shop.data().toAbsolutePath().normalize().resolve(FILE);
        this.reach = reach;
    }

    /** What lies in a shop's folder while its server is at work. */
    public record Read(URI server, String secret) {}

    /** Empty where no server is, or was killed before it was ready. */
    public static Optional<Read> read(Path data) throws IOException {
        try {
            List<String> lines = Files.readAllLines(data.resolve(FILE));
            return lines.size() < 2 ? Optional.empty() : Optional.of(new Read(URI.create(lines.get(0)), lines.get(1)));
        } catch (NoSuchFileException nobodyThere) {
            return Optional.empty();
        }
    }

    @EventListener
    synchronized void ready(WebServerInitializedEvent event) {
        server = reach.fromThisMachine(event.getWebServer().getPort());
        layAnother();
    }

    @EventListener
    void closed(ContextClosedEvent event) throws IOException {
        Files.deleteIfExists(file);
    }

    private void layAnother() {
        var bytes = new byte[32];
        RANDOM.nextBytes(bytes);
        secret = HexFormat.of().formatHex(bytes);
        try {
            OwnerOnly.write(file, server + "\n" + secret + "\n");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether it is the one that lies there. It is none any more afterwards. */
    synchronized boolean isShown(String shown) {
        boolean right = secret != null
                && MessageDigest.isEqual(
                        secret.getBytes(StandardCharsets.UTF_8), shown.getBytes(StandardCharsets.UTF_8));
        if (right) {
            layAnother();
        }
        return right;
    }
}
