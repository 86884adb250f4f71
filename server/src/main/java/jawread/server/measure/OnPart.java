package jawread.server.measure;

import java.util.UUID;
import jawread.core.assess.Reading;

/** A feature of a part. @param feature its key */
record OnPart(long part, UUID feature) {
    static OnPart of(Reading reading) {
        return new OnPart(reading.part(), reading.feature());
    }
}
