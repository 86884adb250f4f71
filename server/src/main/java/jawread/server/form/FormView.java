package jawread.server.form;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * The form of a feature in words.
 *
 * @param story one paragraph: form, wear, and what comes next
 * @param hints things to look at where it wears as it does
 * @param stock what comes off each side at each place on the way to the next size; none where no size is wanted
 */
public record FormView(String story, List<String> hints, List<StockView> stock) {
    /**
     * What the words rest on: pictures and figures.
     *
     * @param remarks what this way of measuring cannot see, and what was left out
     */
    public record FormInFullView(FormPictureView picture, List<FormFigureView> figures, List<String> remarks) {}

    /**
     * @param what out of round, taper …
     * @param where the section or the axis; empty for the whole feature
     * @param limit absent where there is none
     * @param mark whose mark is drawn: in, too-close, gone, beyond-service; empty without a limit
     * @param sentence what can be said of it, and how far this method sees
     */
    public record FormFigureView(
            String what,
            String where,
            LengthText figure,
            @Nullable LengthText limit,
            String mark,
            String word,
            String sentence) {}

    public record StockView(long place, String name, LengthText perSide) {}
}
