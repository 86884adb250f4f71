package jawread.core.practice;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.misread.TrueReading;
import jawread.core.scale.Scale;

/**
 * A setting to be read, or a size to be set.
 *
 * @param stands where the scale stands, or is to be set to
 * @param toSet whether it is set rather than read
 * @param aimed the slip it was chosen for; empty for a plain one
 * @param tempts what each slip would read there, in the order in which they are named
 */
public record Item(TrueReading stands, boolean toSet, Optional<Slip> aimed, List<Misread> tempts) {
    public Item {
        tempts = List.copyOf(tempts);
    }

    public static Item of(TrueReading stands, boolean toSet, Optional<Slip> aimed) {
        return new Item(stands, toSet, aimed, Tempted.at(stands));
    }

    public Scale scale() {
        return stands.scale();
    }

    public Length value() {
        return stands.reading().value();
    }
}
