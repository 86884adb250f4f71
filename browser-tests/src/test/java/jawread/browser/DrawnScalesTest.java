package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import jawread.browser.eye.Eye;
import jawread.browser.eye.Look;
import jawread.core.length.Length;
import jawread.core.scale.AsRead;
import jawread.core.scale.Comparator;
import jawread.core.scale.Digits;
import jawread.core.scale.Feeler;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Parts;
import jawread.core.scale.Rule;
import jawread.core.scale.Scale;
import jawread.core.scale.ScalePart;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every drawn scale is true: set to a reading by its spin buttons, and read from the positions of its lines and printed
 * figures alone, it gives the parts back. At its start, at lines just showing and just hidden, at its end, and at random
 * settings, the same ones in every run.
 */
@OneShop
class DrawnScalesTest extends AtTheBench {
    private static final int RANDOM_SETTINGS = 200;
    private static final int RANDOM_SETTINGS_ON_A_PHONE = 20;
    private static final long SEED = 20_261_125;

    static Stream<String> scales() {
        return Scales.all().stream().map(Scale::id);
    }

    @ParameterizedTest
    @MethodSource("scales")
    void a_scale_gives_an_eye_its_parts_back(String id) throws IOException {
        Scale scale = Scales.of(id).orElseThrow();
        check(chromium().screen(Chromium.desk().setReducedMotion(ReducedMotion.REDUCE)), scale, RANDOM_SETTINGS);
        check(
                chromium().screen(Chromium.phone().setReducedMotion(ReducedMotion.REDUCE)),
                scale,
                RANDOM_SETTINGS_ON_A_PHONE);
        assertThat(chromium().complaints()).isEmpty();
    }

    private void check(Page page, Scale scale, int random) throws IOException {
        page.navigate(server().address() + "/read/" + scale.id());
        assertThat(page.getByTestId("face")).isVisible();
        List<Parts> settings = settings(scale, random);
        String script = new String(
                DrawnScalesTest.class.getResourceAsStream("/look.js").readAllBytes(), StandardCharsets.UTF_8);
        Object seen = page.evaluate(
                script, settings.stream().map(parts -> typed(scale, parts)).toList());
        List<Look> looks = Look.all((String) seen);
        assertThat(looks).hasSize(settings.size());
        Eye eye = Eye.knowing(scale);
        for (int i = 0; i < settings.size(); i++) {
            assertThat(plain(eye.read(looks.get(i))))
                    .as("%s set to %s", scale.id(), settings.get(i))
                    .isEqualTo(plain(shown(settings.get(i))));
        }
    }

    private static Map<String, BigDecimal> shown(Parts parts) {
        var counts = new TreeMap<>(parts.counts());
        counts.remove(Comparator.SENSE);
        return counts;
    }

    private static Map<String, String> plain(Map<String, BigDecimal> counts) {
        var plain = new TreeMap<String, String>();
        counts.forEach(
                (part, count) -> plain.put(part, count.stripTrailingZeros().toPlainString()));
        return plain;
    }

    /** Name, count and kind of each look, coarse to fine, as they are typed. */
    private static List<List<Object>> typed(Scale scale, Parts parts) {
        AsRead eye = AsRead.of(scale, Length.ZERO);
        List<BigDecimal> counts = eye.counts(parts);
        String kind = scale instanceof Feeler ? "leaf" : "look";
        return IntStream.range(0, counts.size())
                // Which row a stage is read by is no line of it.
                .filter(i -> eye.glances().get(i).per() > 0)
                .<List<Object>>mapToObj(
                        i -> List.of(eye.glances().get(i).name(), counts.get(i).doubleValue(), kind))
                .toList();
    }

    private static List<Parts> settings(Scale scale, int count) {
        var random = new Random(SEED);
        if (scale instanceof Feeler) {
            return IntStream.range(0, count)
                    .mapToObj(i -> leaves(scale, random))
                    .toList();
        }
        long first = scale instanceof Comparator ? -99 : 0;
        long last = lastStep(scale);
        LongStream steps = LongStream.concat(awkward(scale, first, last), random.longs(count, first, last + 1));
        return steps.mapToObj(step -> parts(scale, step, random, last)).toList();
    }

    /** Zero, a line just showing on both sides, the last line of the fine part, the end of the range. */
    private static LongStream awkward(Scale scale, long first, long last) {
        long turn = scale instanceof LinedScale lined
                ? lined.coarse().picometres() / scale.leastCount().picometres()
                : 50;
        return LongStream.of(first, 0, 1, turn - 1, turn, turn + 1, 4 * turn - 1, 4 * turn, last - 1, last)
                .filter(step -> step >= first && step <= last);
    }

    private static long lastStep(Scale scale) {
        long step = scale.leastCount().picometres();
        return scale instanceof LinedScale lined
                ? lined.coarse().times(lined.reach()).picometres() / step
                : scale instanceof Digits digits ? digits.reach() : scale instanceof Rule rule ? rule.reach() : 99;
    }

    /** Every other setting stands a few tenths past its line, where tenths may be judged. */
    private static Parts parts(Scale scale, long step, Random random, long last) {
        Length size = scale.leastCount().times(step);
        Parts parts = scale.set(Length.ZERO, Optional.of(Sense.GROWS), size)
                .orThrow()
                .shown()
                .parts();
        ScalePart fine = scale.parts().get(scale.parts().size() - 1);
        int tenths = random.nextInt(10);
        if (!fine.estimate() || scale instanceof Digits || step == last || step < 0 || random.nextBoolean()) {
            return parts;
        }
        var counts = new TreeMap<>(parts.counts());
        counts.merge(fine.name(), BigDecimal.valueOf(tenths, 1), BigDecimal::add);
        return new Parts(counts);
    }

    private static Parts leaves(Scale scale, Random random) {
        Parts parts = Parts.parse("");
        for (ScalePart leaf : scale.parts()) {
            if (random.nextInt(4) == 0) {
                parts = parts.with(leaf.name(), 1);
            }
        }
        return parts;
    }
}
