package jawread.server.signal;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.List;

/** The serial ports of this machine. */
interface SerialPorts {
    /** What each is called here, in order; none where none can be reached. */
    List<String> names();

    /** Throws {@link IOException} where there is no such port, or somebody has it. @param name one of {@link #names}, or a path */
    Line open(String name, int baud) throws IOException;

    /** An open port, until it is closed or pulled out. */
    interface Line extends Closeable {
        InputStream in();

        OutputStream out();
    }
}
