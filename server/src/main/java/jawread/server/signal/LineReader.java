package jawread.server.signal;

import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import jawread.core.signal.GaugeLine;

/** Reads what a gauge sends, line by line. */
final class LineReader {
    /** Without a line end for so long it is no gauge that speaks here. */
    private static final int MOST_BYTES_ASTRAY = 64 * 1024;

    private LineReader() {}

    /**
     * The next line without its end; of one that is longer than any may be, its beginning. What has no end when the gauge goes was torn, and
     * is none.
     *
     * @param isEndedByReturn whether a carriage return ends a line as well, as at many serial ports
     */
    static Optional<String> next(InputStream in, boolean isEndedByReturn) throws IOException {
        var line = new StringBuilder();
        int all = 0;
        for (int each = in.read(); each >= 0; each = in.read()) {
            if (each == '\n' || (isEndedByReturn && each == '\r')) {
                int end = line.length();
                boolean isReturn = end > 0 && line.charAt(end - 1) == '\r';
                return Optional.of(line.substring(0, isReturn ? end - 1 : end));
            }
            all++;
            if (all > MOST_BYTES_ASTRAY) {
                throw new IOException("no line end in " + MOST_BYTES_ASTRAY + " bytes");
            }
            if (line.length() <= GaugeLine.LONGEST + 1) {
                line.append((char) each);
            }
        }
        return Optional.empty();
    }
}
