package jawread.core.misread;

import jawread.core.length.Length;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;

/** What really stands on a scale: where a slip begins. */
public record TrueReading(Scale scale, Length base, Parts parts, ScaleReading reading) {
    /** Throws {@link IllegalStateException} with the refusal for parts that cannot stand there. */
    public static TrueReading of(Scale scale, Length base, Parts parts) {
        return new TrueReading(scale, base, parts, scale.read(base, parts).orThrow());
    }

    Length value() {
        return reading.value();
    }
}
