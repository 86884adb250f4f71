package jawread.server.words;

/**
 * A length as it travels: exact for drawing, ready for showing.
 *
 * @param pm whole picometres
 * @param text the digits in {@code unit}
 * @param unit in or mm
 * @param other the same in the other unit, with that unit
 */
public record LengthText(long pm, String text, String unit, String other) {
    /** With its unit, for a sentence: {@code 32.174 mm}. */
    public String withUnit() {
        return text + " " + unit;
    }

    /** Both units, for a sentence: {@code 0.031 mm (0.00122 in)}. */
    public String inBoth() {
        return withUnit() + " (" + other + ")";
    }
}
