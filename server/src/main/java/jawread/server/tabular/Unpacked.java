package jawread.server.tabular;

import java.io.IOException;
import java.util.Collections;
import jawread.server.tabular.TableIn.NoTable;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;

/** Looks into a workbook before anybody unpacks it: one of a few kilobytes may hold gigabytes. */
final class Unpacked {
    private static final long MOST_BYTES = 200_000_000;
    private static final int MOST_ENTRIES = 1_000;
    private static final long MOST_TIMES_LARGER = 200;
    private static final long ALWAYS_ALLOWED = 10_000_000;

    private Unpacked() {}

    /** The same bytes. Throws {@link NoTable} where they unpack to more than a workbook does. */
    static byte[] checked(byte[] file) throws IOException {
        var into = new byte[64 * 1024];
        long bytes = 0;
        int entries = 0;
        try (ZipFile zip = ZipFile.builder().setByteArray(file).get()) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                if (++entries > MOST_ENTRIES) {
                    throw new NoTable("table-bomb", 0);
                }
                try (var content = zip.getInputStream(entry)) {
                    for (int read = content.read(into); read >= 0; read = content.read(into)) {
                        bytes += read;
                        if (bytes > MOST_BYTES || bytes > ALWAYS_ALLOWED && bytes / MOST_TIMES_LARGER > file.length) {
                            throw new NoTable("table-bomb", 0);
                        }
                    }
                }
            }
        }
        if (entries == 0) {
            throw new NoTable("table-no-book", 0);
        }
        return file;
    }
}
