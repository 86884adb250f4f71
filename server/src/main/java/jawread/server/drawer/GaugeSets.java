package jawread.server.drawer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.LengthUnit;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** A set of frames, described by its first: each begins where the one before ends, and the numbers on them count on. */
@Component
class GaugeSets {
    private static final int MOST_FRAMES = 12;
    private static final Pattern ENDS_IN_A_NUMBER = Pattern.compile("(.*?)(\\d{1,6})");
    private final GaugeEntry entry;
    private final Words words;

    GaugeSets(GaugeEntry entry, Words words) {
        this.entry = entry;
        this.words = words;
    }

    /** Named by kind and range. Refuses a range that is none, and more than twelve frames. @param frames one or more */
    List<TypedGauge> of(TypedGauge first, int frames) {
        GaugeKind kind = entry.kind(first);
        LengthUnit unit = entry.unit(first, entry.scale(first, kind));
        if (frames < 1 || frames > MOST_FRAMES || (frames > 1 && !kind.hasFrames())) {
            throw Refused.field("frames", "bad-frames", words);
        }
        var set = new ArrayList<TypedGauge>();
        for (Range range : entry.range(first, unit).frames(frames)) {
            String number = frames == 1 ? first.shopNumber().strip() : countedOn(first.shopNumber(), set.size());
            set.add(first.as(number, name(kind, range, unit), range, unit));
        }
        return set;
    }

    /** {@code Outside micrometer, 25 to 50 mm}. */
    String name(GaugeKind kind, Range range, LengthUnit unit) {
        String called = words.say("gauge-kind." + kind.code());
        return words.say(
                "drawer.name",
                Map.of(
                        "kind", Character.toUpperCase(called.charAt(0)) + called.substring(1),
                        "low", TypedFields.asTyped(range.low(), unit),
                        "high", TypedFields.asTyped(range.high(), unit),
                        "unit", unit.symbol()));
    }

    /** M1, M2, M3: a number at the end counts on; else one is put there. */
    static String countedOn(String number, int by) {
        Matcher ends = ENDS_IN_A_NUMBER.matcher(number.strip());
        return ends.matches() ? ends.group(1) + (Integer.parseInt(ends.group(2)) + by) : number.strip() + (by + 1);
    }
}
