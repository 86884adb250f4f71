package jawread.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Copies of a shop's file as older programs left it, beside it: {@code shop-schema-8-20260310T065000.mv.db}. */
final class Asides {
    /** One step back is what is wanted after a bad evening; three are there when it is noticed a release later. */
    private static final int KEPT = 3;

    private static final DateTimeFormatter MADE =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss").withZone(ZoneOffset.UTC);
    private static final Pattern NAME = Pattern.compile("shop-schema-(\\d+)-(\\d{8}T\\d{6})");

    private final ShopFile shop;
    private final Clock clock;

    Asides(ShopFile shop, Clock clock) {
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * Copies the shop's file aside, unless the last copy is just that: a start that fails again and again fills no disk.
     *
     * @param schema that it is in
     */
    ShopFile keep(String schema) throws IOException {
        List<ShopFile> before = all();
        if (!before.isEmpty() && Files.mismatch(before.get(0).path(), shop.path()) < 0) {
            return before.get(0);
        }
        var aside = new ShopFile(shop.folder(), "shop-schema-" + schema + "-" + MADE.format(clock.instant()));
        shop.copyTo(aside);
        return aside;
    }

    /** All but the newest three go. */
    void prune() throws IOException {
        List<ShopFile> newestFirst = all();
        for (ShopFile old : newestFirst.subList(Math.min(KEPT, newestFirst.size()), newestFirst.size())) {
            old.delete();
        }
    }

    /** The newest first. */
    List<ShopFile> all() throws IOException {
        try (Stream<Path> files = Files.list(shop.folder())) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(ShopFile.ENDING))
                    .map(name -> NAME.matcher(name.substring(0, name.length() - ShopFile.ENDING.length())))
                    .filter(Matcher::matches)
                    .sorted(Comparator.<Matcher, String>comparing(name -> name.group(2))
                            .thenComparing(name -> Integer.valueOf(name.group(1)))
                            .reversed())
                    .map(name -> new ShopFile(shop.folder(), name.group()))
                    .toList();
        }
    }
}
