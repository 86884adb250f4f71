package jawread.server.judgement;

import java.util.List;
import jawread.server.words.LengthText;

/**
 * Two methods on the same places.
 *
 * @param first the key of the one that its sizes rest on, as people name it
 * @param mean of first − second
 * @param low the lower limit of agreement: 95 % of the differences lie between both
 * @param explained as far as both methods' U lets the mean differ
 */
public record TwoMethodsView(
        String first,
        String second,
        List<ComparedView> places,
        LengthText mean,
        LengthText low,
        LengthText high,
        LengthText explained,
        boolean differs,
        String sentence) {
    /** @param mean of both, @param apart first − second */
    public record ComparedView(
            long place, String name, LengthText first, LengthText second, LengthText mean, LengthText apart) {}
}
