package jawread.server.drawer;

import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.Adds;
import jawread.core.gauge.Adds.Piece;
import jawread.core.length.Length;

/** Rods, collars and nibs as the database has them: {@code rod=25400000000;collar=+12700000000}, in picometres. */
final class PiecesStored {
    private static final String ON_TOP = "+";

    private PiecesStored() {}

    static String write(Adds adds) {
        return adds.pieces().stream()
                .map(piece -> piece.name() + "=" + (piece.onTop() ? ON_TOP : "")
                        + piece.length().picometres())
                .collect(Collectors.joining(";"));
    }

    /** @param rods of before they had names */
    static Adds read(String pieces, String rods) {
        return new Adds(Stream.concat(
                        split(pieces).map(PiecesStored::piece),
                        split(rods).map(rod -> new Piece("", Length.ofPicometres(Long.parseLong(rod)), false)))
                .toList());
    }

    private static Stream<String> split(String text) {
        return Arrays.stream(text.split(";")).filter(each -> !each.isEmpty());
    }

    private static Piece piece(String stored) {
        int at = stored.indexOf('=');
        String length = stored.substring(at + 1);
        return new Piece(
                stored.substring(0, at),
                Length.ofPicometres(Long.parseLong(length.replace(ON_TOP, ""))),
                length.startsWith(ON_TOP));
    }
}
