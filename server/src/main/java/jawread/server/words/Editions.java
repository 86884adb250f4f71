package jawread.server.words;

import java.util.OptionalLong;
import org.springframework.http.HttpStatus;

/**
 * Two people at one thing: whoever changes it says which edition they looked at (If-Match), and is refused with 412 when it
 * is another by now, so that nothing is overwritten unseen.
 */
public final class Editions {
    private Editions() {}

    /** The tag of an edition, as it goes out in ETag and comes back in If-Match. */
    public static String tag(long edition) {
        return "\"" + edition + "\"";
    }

    /** The edition of a tag; refuses a change that names none with 428. */
    public static long of(String tag, Words words) {
        return parse(tag)
                .orElseThrow(() ->
                        Refused.of(HttpStatus.PRECONDITION_REQUIRED, "no-edition", words.say("problem.no-edition")));
    }

    private static OptionalLong parse(String tag) {
        boolean ours = tag != null && tag.matches("\"\\d{1,18}\"");
        return ours ? OptionalLong.of(Long.parseLong(tag.substring(1, tag.length() - 1))) : OptionalLong.empty();
    }

    public static void refuseUnlessSame(long lookedAt, long now, Words words) {
        if (lookedAt != now) {
            throw Refused.of(
                    HttpStatus.PRECONDITION_FAILED, "changed-meanwhile", words.say("problem.changed-meanwhile"));
        }
    }
}
