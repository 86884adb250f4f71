package jawread.server.card;

import jakarta.annotation.Nullable;
import jawread.server.words.LengthText;

/**
 * A size in inches, fractions and millimetres.
 *
 * @param meant as it was typed, a bare decimal in the unit at hand
 * @param other the same digits in the other unit; absent where a unit was typed, or a fraction
 */
record InchView(SameSizeView meant, @Nullable SameSizeView other) {
    /**
     * @param inches all digits, or six decimals
     * @param isRounded whether the inches have more digits than are shown
     * @param thou the same in thousandths of an inch
     * @param pm whole picometres, for the drawn inch
     */
    record SameSizeView(
            long pm,
            String millimetres,
            String inches,
            boolean isRounded,
            String thou,
            NearFractionView sixtyFourth,
            NearFractionView hundredTwentyEighth,
            String sentence) {}

    /**
     * The nearest fraction on a rule.
     *
     * @param pm of the fraction
     * @param error the fraction minus the size; absent where it is the size
     */
    record NearFractionView(String text, long pm, @Nullable LengthText error, String sentence) {}

    /** A small length to compare others with. @param about whether it is only about so large */
    record SmallView(String name, LengthText size, boolean about) {}
}
