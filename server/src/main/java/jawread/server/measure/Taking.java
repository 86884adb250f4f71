package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.job.Lineage;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.live.Receipt;

/**
 * A reading that is to be kept, and where that is.
 *
 * @param lineage how all editions hang together with those of the revision it is judged by
 * @param before as it was kept already; empty of a new one
 */
record Taking(
        KeepReading asked,
        List<GaugeAndReader> by,
        Part part,
        Feature edition,
        PlanRevision judging,
        Lineage lineage,
        Feature feature,
        Place taken,
        Place place,
        Optional<ReadingRow> before) {
    TakenAt at(Receipt receipt) {
        return new TakenAt(receipt, asked.id(), part, feature, asked.round(), place);
    }
}
