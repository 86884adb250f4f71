package jawread.server.door;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;

/** What any text must be, whatever it says. */
public final class SoundText {
    private static final int BRAILLE_BLANK = 0x2800;

    private SoundText() {}

    /** Whole characters, and none that steers a machine; tab and line ends are typed and pasted. */
    public static boolean isSound(String text) {
        return text.codePoints()
                .noneMatch(point -> isHalf(point)
                        || Character.getType(point) == Character.CONTROL
                                && point != '\t'
                                && point != '\n'
                                && point != '\r');
    }

    /** Half of a pair that alone is no character. */
    private static boolean isHalf(int point) {
        return point <= Character.MAX_VALUE && Character.isSurrogate((char) point);
    }

    /** Whether anything of it can be seen. */
    static boolean canBeSeen(String text) {
        return text.codePoints().anyMatch(SoundText::canBeSeen);
    }

    private static boolean canBeSeen(int point) {
        return !UCharacter.isUWhiteSpace(point)
                && !Character.isWhitespace(point)
                && !UCharacter.hasBinaryProperty(point, UProperty.DEFAULT_IGNORABLE_CODE_POINT)
                && point != BRAILLE_BLANK
                && Character.getType(point) != Character.CONTROL
                && Character.getType(point) != Character.FORMAT
                && Character.getType(point) != Character.UNASSIGNED;
    }
}
