package jawread.server.job;

/** The short code of a place on the sheet that is filled by hand: a letter for each feature of a part, a number for each of its places. */
public final class PlaceCode {
    private static final int LETTERS = 26;

    private PlaceCode() {}

    /** @param feature which of all features of all parts, from 0 @param place which of its places, from 0 */
    public static String of(int feature, int place) {
        return letters(feature) + (place + 1);
    }

    /** A, B … Z, AA. */
    private static String letters(int number) {
        String last = Character.toString('A' + number % LETTERS);
        return number < LETTERS ? last : letters(number / LETTERS - 1) + last;
    }
}
