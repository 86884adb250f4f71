package jawread.server.access;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import jawread.server.storage.OwnerOnly;
import jawread.server.words.Shop;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * The shop's passphrase, for a server that other machines can reach. Only its hash is kept, in a file of the shop's folder that its
 * owner alone reads; a backup does not hold it.
 */
@Component
public class Passphrase {
    /** Guessing one of this length takes longer than the throttle lets anybody live. */
    private static final int SHORTEST = 10;
    /** More is not looked at by the hash. */
    private static final int MOST_BYTES = 72;

    private static final String FILE = "passphrase";
    private static final PasswordEncoder HASHES = new BCryptPasswordEncoder(12);

    private final Optional<String> hash;

    Passphrase(Shop shop, Reach reach) {
        hash = read(shop.data().toAbsolutePath().normalize());
        if (reach.isBeyondThisMachine() && hash.isEmpty()) {
            throw new NoPassphrase(reach.address());
        }
    }

    private static Optional<String> read(Path data) {
        try {
            Path file = data.resolve(FILE);
            return Files.exists(file) ? Optional.of(Files.readString(file).strip()) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    boolean is(String said) {
        return isLookedAt(said) && hash.filter(of -> HASHES.matches(said, of)).isPresent();
    }

    /** Whether the argument asks for a new one. */
    public static boolean isMeant(String... arguments) {
        return arguments.length == 1 && arguments[0].equals("passphrase");
    }

    /** Asks for a new one twice, and answers the exit code. It holds from the server's next start on. */
    public static int ask() {
        return ask(
                Path.of(System.getenv().getOrDefault("JAWREAD_DATA", "data/shop"))
                        .toAbsolutePath()
                        .normalize(),
                System.in);
    }

    /** @param in where there is no console */
    static int ask(Path data, InputStream in) {
        try {
            var lines = new BufferedReader(new InputStreamReader(in, Charset.defaultCharset()));
            String once = asked("The shop's passphrase, at least " + SHORTEST + " characters: ", lines);
            String again = asked("The same once more: ", lines);
            Optional<String> wrong = wrong(once, again);
            if (wrong.isPresent()) {
                System.err.println(wrong.get());
                return 1;
            }
            OwnerOnly.folder(data);
            OwnerOnly.write(data.resolve(FILE), HASHES.encode(once) + "\n");
            System.out.println("Kept as a hash in " + data.resolve(FILE) + ". It holds from the next start on.");
            return 0;
        } catch (IOException failure) {
            System.err.println("It could not be kept: " + failure.getMessage());
            return 1;
        }
    }

    /** Whether it may be one, of the shop or of a signer: long enough, and no longer than the hash looks at. */
    static boolean isLongEnough(String said) {
        return said.strip().length() >= SHORTEST && isLookedAt(said);
    }

    /** Whether all of it is looked at by the hash. */
    static boolean isLookedAt(String said) {
        return said.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
    }

    static Optional<String> wrong(String once, String again) {
        if (!once.equals(again)) {
            return Optional.of("The two are not the same: nothing was changed.");
        }
        if (!isLongEnough(once)) {
            return Optional.of("A passphrase has at least " + SHORTEST + " characters and at most " + MOST_BYTES
                    + " bytes: three or four words. Nothing was changed.");
        }
        return Optional.empty();
    }

    private static String asked(String prompt, BufferedReader lines) throws IOException {
        if (System.console() != null) {
            char[] said = System.console().readPassword("%s", prompt);
            return said == null ? "" : new String(said);
        }
        String line = lines.readLine();
        return line == null ? "" : line;
    }
}
