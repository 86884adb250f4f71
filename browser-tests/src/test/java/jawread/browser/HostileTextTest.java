package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a person types is text, on every screen: braces, quotes, marks, other scripts, and names without a blank in them. */
class HostileTextTest extends AtTheBench {
    private static final String BRACES = "{x} ${a} {} {text}";
    private static final String MARKS = "O'Hara's \"#1\" 100 % <b>&amp; \\1 $& '{'";
    private static final String SCRIPTS = "\uD83D\uDD29 \u05D0\u05D1\u05D2 \u0645\u062D\u0648\u0631 \u8F74";
    private static final String LONG = "Schraubenspindelgewindebolzen".repeat(5).substring(0, 120);
    private static final List<String> NAMES = List.of(BRACES, MARKS, SCRIPTS, LONG);

    private static final String CALL = """
            async ([method, path, body, edition]) => {
              const answer = await fetch('/api/v1' + path, {
                method, body: JSON.stringify(body),
                headers: { 'Content-Type': 'application/json', ...(edition === '' ? {} : { 'If-Match': `"${edition}"` }) },
              });
              if (!answer.ok) throw new Error(path + ': ' + await answer.text());
              return answer.json();
            }""";

    private static void call(Page page, String method, String path, Object body, String edition) {
        page.evaluate(CALL, List.of(method, path, body, edition));
    }

    private static String id() {
        return java.util.UUID.randomUUID().toString();
    }

    private static String upTo(int most, String name) {
        return name.substring(0, Math.min(most, name.length()));
    }

    /** A job, its parts and features, a gauge, a person and what they say, all of such names. */
    private List<String> aHostileShop(Page page) {
        call(page, "POST", "/people", Map.of("name", upTo(60, LONG), "does", BRACES), "");
        call(page, "POST", "/people", Map.of("name", MARKS, "does", SCRIPTS), "");
        call(page, "PUT", "/settings/shop-name", Map.of("choice", BRACES + MARKS), "0");
        List<String> measured = PlannedJob.plan(
                page,
                LONG,
                "mm",
                NAMES.stream()
                        .map(name -> PlannedJob.feature(
                                name,
                                "outside",
                                "32 h9",
                                Map.of("lies", "0-60", "layout", "shaft-journal", "face", name)))
                        .toList(),
                NAMES.stream().map(name -> upTo(80, name)).toList());
        call(
                page,
                "PUT",
                "/jobs/" + lastJob(page),
                Map.of(
                        "name",
                        LONG,
                        "about",
                        BRACES + LONG,
                        "limitsSource",
                        MARKS + LONG,
                        "customerReference",
                        SCRIPTS,
                        "unit",
                        "mm",
                        "material",
                        "",
                        "temperature",
                        "",
                        "livesHangOnIt",
                        true,
                        "decider",
                        upTo(80, BRACES + LONG),
                        "choices",
                        Map.of()),
                edition(page));
        call(
                page,
                "POST",
                "/drawer/gauges",
                Map.of(
                        "gauges",
                        List.of(Map.ofEntries(
                                Map.entry("shopNumber", "{x}${a}'#"),
                                Map.entry("name", LONG),
                                Map.entry("kind", "outside-micrometer"),
                                Map.entry("scale", "mic-mm-001"),
                                Map.entry("unit", "mm"),
                                Map.entry("base", ""),
                                Map.entry("rods", ""),
                                Map.entry("rangeLow", "25"),
                                Map.entry("rangeHigh", "50"),
                                Map.entry("step", ""),
                                Map.entry("spread", ""),
                                Map.entry("error", ""),
                                Map.entry("reach", ""),
                                Map.entry("allowedSteps", ""),
                                Map.entry("switchable", false),
                                Map.entry("readers", List.of())))),
                "");
        call(page, "PUT", "/soakings/" + id(), Map.of("what", upTo(80, BRACES + LONG), "minutes", 5), "");
        return measured;
    }

    private static Object lastJob(Page page) {
        return page.evaluate("async () => (await (await fetch('/api/v1/jobs')).json())[0].id");
    }

    private static String edition(Page page) {
        return String.valueOf(
                page.evaluate("async () => { const id = (await (await fetch('/api/v1/jobs')).json())[0].id;"
                        + " return (await (await fetch(`/api/v1/jobs/${id}/plan`)).json()).edition; }"));
    }

    private static String gauge(Page page) {
        return String.valueOf(
                page.evaluate("async () => (await (await fetch('/api/v1/drawer')).json()).gauges.at(-1).id"));
    }

    private List<String> everyScreen(Page page, List<String> measured) {
        String part = measured.get(0).split("/")[2];
        return Stream.of(
                        Stream.of(
                                "/",
                                "/jobs",
                                "/jobs/" + lastJob(page),
                                "/jobs/" + lastJob(page) + "/pairing",
                                "/jobs/" + lastJob(page) + "/report",
                                "/jobs/" + lastJob(page) + "/report?form=one-page",
                                "/jobs/" + lastJob(page) + "/report?form=blank",
                                "/jobs/" + lastJob(page) + "/bring-in",
                                "/jobs/bring-in",
                                "/records/check",
                                "/plans/" + plan(page) + "/gauges",
                                "/parts/" + part + "/judgement",
                                "/parts/" + part + "/ready",
                                measured.get(0) + "/over-time",
                                measured.get(3) + "?by=scale",
                                "/doubts",
                                "/slips",
                                "/drawer",
                                "/drawer/add",
                                "/drawer/study",
                                "/drawer/" + gauge(page),
                                "/drawer/" + gauge(page) + "/trial",
                                "/drawer/18/set?wanted=3.25",
                                "/settings",
                                "/technique",
                                "/practice",
                                "/practice/lesson",
                                "/practice/new",
                                "/read",
                                "/card/blocks",
                                "/card/inch",
                                "/card/threads",
                                "/card/fits",
                                "/card/holes",
                                "/card/v-block",
                                "/card/words",
                                "/card/feelers",
                                "/card/twenty"),
                        measured.subList(0, 4).stream())
                .flatMap(each -> each)
                .toList();
    }

    private static Object plan(Page page) {
        return page.evaluate("async () => { const id = (await (await fetch('/api/v1/jobs')).json())[0].id;"
                + " return (await (await fetch(`/api/v1/jobs/${id}/plan`)).json()).plans[0].id; }");
    }

    private void open(Page page, String path) {
        page.navigate(server().address() + path);
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.LOAD);
        assertThat(page.getByRole(AriaRole.MAIN)).isVisible();
        page.waitForTimeout(250);
        assertThat(page.getByText("Something went wrong")).hasCount(0);
        assertThat(page.getByText("This cannot be shown")).hasCount(0);
    }

    /** What is wider than its window, with the narrowest thing that is too wide. */
    private static Stream<String> tooWide(Page page, String path, String where) {
        Object wide = page.evaluate("""
                () => {
                  const width = document.documentElement.clientWidth;
                  if (document.scrollingElement.scrollWidth <= width + 1) return '';
                  const wide = [...document.querySelectorAll('body *')].filter(
                    (each) => each.getBoundingClientRect().right > width + 1);
                  const last = wide.at(-1);
                  return last ? `${last.tagName} ${last.className} ${last.textContent.slice(0, 40)}` : 'something';
                }""");
        return wide.equals("") ? Stream.empty() : Stream.of(path + " " + where + ": " + wide);
    }

    @Test
    void every_screen_shows_such_names_as_they_were_typed_and_none_is_broken_by_them() {
        Page page = ansasScreen(Chromium.desk());
        List<String> measured = aHostileShop(page);
        // Read on it, struck for such a reason, noted with another.
        open(page, measured.get(0));
        assertThat(page.locator("[data-entry]").first()).isVisible();
        page.keyboard().type("31.97\n");
        assertThat(seen(page, "31.97")).isVisible();
        page.keyboard().type("31.971\n32.470\n");
        assertThat(seen(page, "32.470")).isVisible();

        var wide = new ArrayList<String>();
        for (String path : everyScreen(page, measured)) {
            open(page, path);
            tooWide(page, path, "at a desk").forEach(wide::add);
        }
        open(page, measured.get(0));
        assertThat(page.getByText(BRACES).first()).isVisible();
        open(page, measured.get(1));
        assertThat(page.getByText(MARKS).first()).isVisible();
        open(page, "/");
        for (String name : NAMES) {
            assertThat(page.getByText(upTo(80, name)).first()).isVisible();
        }
        nothingWasComplainedOf();

        Page phone = screenOf("Ansa", Chromium.phone());
        for (String path : everyScreen(phone, measured)) {
            open(phone, path);
            tooWide(phone, path, "on a phone").forEach(wide::add);
        }
        nothingWasComplainedOf();
        org.assertj.core.api.Assertions.assertThat(String.join("\n", wide))
                .as("wider than their window")
                .isEmpty();
    }
}
