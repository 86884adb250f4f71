package jawread.server.tables;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import org.erdtman.jcs.JsonCanonicalizer;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.util.RawValue;

/** JSON that is written in one way only (RFC 8785), so that equal contents have equal digests. */
public final class CanonicalJson {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    /** How a control character is written that has no short form: the one thing in which our writer differs from the standard. */
    private static final String CONTROL = "\\u00";

    private CanonicalJson() {}

    /**
     * @param value of maps, lists, texts, truths, whole numbers below 2^53 and {@linkplain #part parts}; anything else stands in it as a text
     */
    public static String of(Map<String, ?> value) {
        String written = JSON.writeValueAsString(value);
        if (!written.contains(CONTROL)) {
            return written;
        }
        try {
            return new JsonCanonicalizer(written).getEncodedString();
        } catch (IOException e) {
            throw new IllegalArgumentException("No canonical form: " + value.keySet(), e);
        }
    }

    /** What is written already, as a value of something longer: it stands in it as it is. */
    public static RawValue part(Map<String, ?> value) {
        return new RawValue(of(value));
    }

    /** SHA-256 of a text in UTF-8, as 64 hexadecimal digits. */
    public static String digest(String text) {
        return digest(text.getBytes(StandardCharsets.UTF_8));
    }

    public static String digest(byte[] bytes) {
        return HexFormat.of().formatHex(sha256().digest(bytes));
    }

    public static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
