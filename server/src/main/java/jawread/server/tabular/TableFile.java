package jawread.server.tabular;

import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** An answer that is a file to be kept. */
public final class TableFile {
    public static final String CSV = "text/csv";

    private TableFile() {}

    /** @param name without what tells its kind */
    public static ResponseEntity<byte[]> csv(String text, String name) {
        return of(text.getBytes(StandardCharsets.UTF_8), CSV + ";charset=UTF-8", name + ".csv");
    }

    public static ResponseEntity<byte[]> of(byte[] bytes, String type, String name) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(bytes);
    }
}
