package jawread.browser;

import com.microsoft.playwright.Page;
import java.util.List;

/** Gauges of the demonstration drawer. */
final class Gauges {
    /** A gauge's number, as the page knows it. */
    private static final String KEY_OF = """
            async (number) => (await (await fetch('/api/v1/gauges')).json()).find((gauge) => gauge.shopNumber === number).key""";

    /** The bore gauge on what sets it best at a size, so that its needle says something. */
    private static final String SET_B1 = """
            async ([number, wanted]) => {
              const gauge = (await (await fetch('/api/v1/gauges')).json()).find((each) => each.shopNumber === number);
              const { masters } = await (await fetch(`/api/v1/comparators/${gauge.id}?wanted=${wanted}`)).json();
              const answer = await fetch(`/api/v1/comparators/${gauge.id}/settings/${crypto.randomUUID()}`, {
                method: 'PUT', headers: { 'Content-Type': 'application/json' },
                body: JSON.stringify({ wanted, master: masters[0].key, temperature: '', graduation: '0.0001',
                  pressed: 'fall', rocked: 'rise', returned: '0' }) });
              if (!answer.ok) throw new Error(await answer.text());
            }""";

    private Gauges() {}

    /** A gauge's key, as an address names it. */
    static String keyOf(Page page, String number) {
        return (String) page.evaluate(KEY_OF, number);
    }

    /** Sets the bore gauge, by the calls that its screen makes. */
    static void setB1(Page page, String wanted) {
        page.evaluate(SET_B1, List.of("B1", wanted));
    }
}
