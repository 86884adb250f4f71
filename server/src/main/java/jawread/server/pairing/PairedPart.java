package jawread.server.pairing;

import java.util.List;
import jawread.core.length.Length;
import jawread.server.job.Part;
import jawread.server.judgement.SheetView.VerdictView;

/**
 * A part to be paired.
 *
 * @param verdict of the feature that is paired
 * @param places its sizes
 * @param mean of them
 * @param expanded U of the one known least, in µm
 */
record PairedPart(Part part, VerdictView verdict, List<Length> places, Length mean, double expanded, Length step) {}
