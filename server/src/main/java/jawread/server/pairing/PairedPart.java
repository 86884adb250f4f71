package jawread.server.pairing;

import java.util.List;
import jawread.core.length.Length;
import jawread.server.job.Part;

/**
 * A part to be paired.
 *
 * @param places its sizes
 * @param mean of them
 * @param expanded U of the one known least, in µm
 */
record PairedPart(Part part, List<Length> places, Length mean, double expanded, Length step) {}
