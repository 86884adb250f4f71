package jawread.core.form;

import java.util.List;
import java.util.Locale;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;

/** What a feature is like down an axis. A difference within the threshold is none. */
public enum Shape {
    STRAIGHT,
    /** Narrower between its ends. */
    WAIST,
    /** Wider between its ends. */
    BARREL,
    /** A bore wider at its first section, and alike behind it. */
    BELL_MOUTH_FIRST,
    BELL_MOUTH_LAST,
    /** A shaft thinner at its first section, and alike behind it. */
    NOSE_WORN_FIRST,
    NOSE_WORN_LAST,
    TAPER_WIDE_FIRST,
    TAPER_WIDE_LAST,
    UNEVEN;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * The first word that holds, in the order straight, waist, barrel, one end alone, taper, uneven.
     *
     * @param down two sizes or more, in the order of their sections
     * @param threshold only more than this is a difference
     */
    static Shape of(List<Length> down, Wears wears, Length threshold) {
        if (isAlike(down, threshold)) {
            return STRAIGHT;
        }
        Length first = down.get(0);
        Length last = down.get(down.size() - 1);
        if (down.size() > 2) {
            Length middle = Length.meanOf(down.subList(1, down.size() - 1));
            if (isMore(first.smaller(last), middle, threshold)) {
                return WAIST;
            }
            if (isMore(middle, first.larger(last), threshold)) {
                return BARREL;
            }
            if (isAloneAt(first, down.subList(1, down.size()), wears, threshold)) {
                return wears == Wears.LARGER ? BELL_MOUTH_FIRST : NOSE_WORN_FIRST;
            }
            if (isAloneAt(last, down.subList(0, down.size() - 1), wears, threshold)) {
                return wears == Wears.LARGER ? BELL_MOUTH_LAST : NOSE_WORN_LAST;
            }
        }
        return taper(down, threshold);
    }

    private static Shape taper(List<Length> down, Length threshold) {
        Length first = down.get(0);
        Length last = down.get(down.size() - 1);
        boolean widens = last.compareTo(first) > 0;
        for (int i = 1; i < down.size(); i++) {
            Length before = down.get(i - 1);
            Length after = down.get(i);
            if (widens ? isMore(before, after, threshold) : isMore(after, before, threshold)) {
                return UNEVEN;
            }
        }
        if (isAlike(List.of(first, last), threshold)) {
            return UNEVEN;
        }
        return widens ? TAPER_WIDE_LAST : TAPER_WIDE_FIRST;
    }

    /** An end worn by itself: wider than every other in a bore, thinner on a shaft, and the others alike. */
    private static boolean isAloneAt(Length end, List<Length> others, Wears wears, Length threshold) {
        return isAlike(others, threshold)
                && others.stream()
                        .allMatch(other ->
                                wears == Wears.LARGER ? isMore(end, other, threshold) : isMore(other, end, threshold));
    }

    private static boolean isAlike(List<Length> sizes, Length threshold) {
        return Length.spreadOf(sizes).compareTo(threshold) <= 0;
    }

    private static boolean isMore(Length one, Length other, Length threshold) {
        return one.minus(other).compareTo(threshold) > 0;
    }
}
