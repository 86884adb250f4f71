package jawread.server.access;

import java.security.SecureRandom;
import java.util.Base64;

/** What nobody can guess: 256 bits, as text that stands in a header or a cookie as it is. */
final class Secret {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {}

    static String another() {
        var bytes = new byte[32];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
