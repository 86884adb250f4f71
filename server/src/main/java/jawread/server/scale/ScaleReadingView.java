package jawread.server.scale;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * What a scale says where it stands.
 *
 * @param estimated whether a tenth was judged between two lines
 * @param steps the sum line by line
 * @param fraction the nearest 64th of an inch; absent below zero
 * @param misreads what usual slips would have read here, each with how to tell
 * @param say the reading and its parts in a sentence
 */
public record ScaleReadingView(
        LengthText size,
        boolean estimated,
        List<AddendView> steps,
        @Nullable FractionView fraction,
        List<MisreadView> misreads,
        String say) {
    /** One line of the sum: {@code sleeve, 37 × 0.5} and {@code 18.500}. */
    public record AddendView(String part, String label, String figure) {}

    /**
     * @param text 2 43/64 in
     * @param error how far it lies from the reading, and on which side
     */
    public record FractionView(String text, String error) {}

    /** @param tell how to find out, in a sentence */
    public record MisreadView(String slip, LengthText size, String words, String tell) {}
}
