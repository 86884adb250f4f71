package jawread.server.measure;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Cuts a long list into so many as one question to the database names. */
final class InPieces {
    private static final int MOST = 500;

    private InPieces() {}

    static <T> Stream<List<T>> of(List<T> all) {
        return IntStream.iterate(0, from -> from < all.size(), from -> from + MOST)
                .mapToObj(from -> all.subList(from, Math.min(all.size(), from + MOST)));
    }
}
