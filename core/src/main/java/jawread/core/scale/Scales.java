package jawread.core.scale;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** The catalogue of scales by id. */
public final class Scales {
    private static final Map<String, Scale> BY_ID = Stream.of(
                    inch("mic-in-001", 0),
                    inch("mic-in-0001", 10),
                    metric("mic-mm-001", 0),
                    metric("mic-mm-0002", 5),
                    metric("mic-mm-0001", 10))
            .collect(Collectors.toMap(Scale::id, scale -> scale, (one, two) -> one, LinkedHashMap::new));

    private Scales() {}

    public static Optional<Scale> of(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    public static Collection<Scale> all() {
        return BY_ID.values();
    }

    /** 40 threads to the inch: a turn is 0.025 in, 25 lines make it 0.001 in; a head travels 1 in. */
    private static Scale inch(String id, int vernierLines) {
        return new Thimble(id, LengthUnit.INCH, Length.ofInches("0.025"), 25, vernierLines, 40, 4);
    }

    /** 0.5 mm pitch: a turn is half a millimetre, 50 lines make it 0.01 mm; a head travels 25 mm. */
    private static Scale metric(String id, int vernierLines) {
        return new Thimble(id, LengthUnit.MILLIMETRE, Length.ofMillimetres("0.5"), 50, vernierLines, 50, 10);
    }
}
