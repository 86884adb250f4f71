package jawread.server.pairing;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.rework.PairByPlace.Sized;
import jawread.server.job.Part;
import jawread.server.judgement.SheetView.VerdictView;

/**
 * A part to be paired.
 *
 * @param verdict of the feature that is paired
 * @param byPlace its places with their sizes
 * @param mean of them
 * @param expanded U of the one known least, in µm
 */
record PairedPart(Part part, VerdictView verdict, List<Sized> byPlace, Length mean, double expanded, Length step) {
    /** The sizes of its places. */
    List<Length> places() {
        return byPlace.stream().map(Sized::size).toList();
    }
}
