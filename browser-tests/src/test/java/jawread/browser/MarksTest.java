package jawread.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Verdicts are told apart by their marks alone: no two are alike in one-bit black and white, 24 pixels high. */
@OneShop
class MarksTest extends AtTheBench {
    /** Of 24 × 36 pixels; two strokes of a mark are about as many. */
    private static final int FEWEST_THAT_DIFFER = 24;

    @Test
    void no_two_marks_are_alike_in_one_bit() throws IOException {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/parts/2/features/2");
        page.waitForSelector("[data-mark]");
        page.keyboard().press("?");
        Map<String, BitSet> marks = new LinkedHashMap<>();
        for (Locator mark : page.locator("ul[aria-label=Marks] [data-mark]").all()) {
            marks.put(mark.getAttribute("data-mark"), oneBit(mark.screenshot()));
        }
        assertThat(marks).hasSizeGreaterThanOrEqualTo(7);
        List<String> names = new ArrayList<>(marks.keySet());
        for (int i = 0; i < names.size(); i++) {
            for (int j = i + 1; j < names.size(); j++) {
                var differ = (BitSet) marks.get(names.get(i)).clone();
                differ.xor(marks.get(names.get(j)));
                assertThat(differ.cardinality())
                        .as("%s and %s", names.get(i), names.get(j))
                        .isGreaterThanOrEqualTo(FEWEST_THAT_DIFFER);
            }
        }
    }

    private static BitSet oneBit(byte[] png) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        var dark = new BitSet();
        for (int y = 0; y < Math.min(24, image.getHeight()); y++) {
            for (int x = 0; x < 36; x++) {
                int rgb = image.getRGB(x, y);
                int grey = ((rgb >> 16 & 0xff) + (rgb >> 8 & 0xff) + (rgb & 0xff)) / 3;
                dark.set(y * 36 + x, grey < 160);
            }
        }
        return dark;
    }
}
