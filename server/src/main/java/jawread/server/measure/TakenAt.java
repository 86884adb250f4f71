package jawread.server.measure;

import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.server.job.Part;
import jawread.server.live.Receipt;

/** Where a reading was taken that was kept, as it was found when it was: whoever tells what it came to need not look for it again. */
public record TakenAt(Receipt receipt, UUID reading, Part part, Feature feature, int round, Place place) {}
