package jawread.bench;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jawread.browser.PlannedJob;

/** Jobs of many journals, each measured across two axes at sections that are called a, b, c and so on. */
final class Journals {
    private static final int LENGTH_MM = 100;

    private Journals() {}

    /**
     * Plans one in mm.
     *
     * @param journals of each part
     * @param sections of each journal, spread over its length
     * @return where each journal of each part is measured, part by part
     */
    static List<String> plan(Page page, String name, int journals, int sections, int parts) {
        int apart = LENGTH_MM / sections;
        String at = IntStream.range(0, sections)
                .mapToObj(i -> (char) ('a' + i) + " " + (5 + apart * i))
                .collect(Collectors.joining("; "));
        return PlannedJob.plan(
                page,
                name,
                "mm",
                IntStream.range(0, journals)
                        .mapToObj(i -> PlannedJob.feature(
                                "journal " + (i + 1),
                                "outside",
                                "32.02/31.90",
                                Map.of(
                                        "lies",
                                        LENGTH_MM * i + "-" + LENGTH_MM * (i + 1),
                                        "layout",
                                        "free",
                                        "sections",
                                        at,
                                        "axes",
                                        "thrust 0; cross 90")))
                        .toList(),
                IntStream.rangeClosed(1, parts).mapToObj(i -> "part " + i).toList());
    }
}
