package jawread.server.exchange;

import java.nio.file.Path;

/** The command line, for tests of other packages. */
public final class ShopAsked {
    private ShopAsked() {}

    public static String backup(Path data, Path file) throws Exception {
        return new ShopCommands(data).backup(file);
    }

    /** Its exit code. */
    public static int verify(Path data) throws Exception {
        return new ShopCommands(data).verify();
    }
}
