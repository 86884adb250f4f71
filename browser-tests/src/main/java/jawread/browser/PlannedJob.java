package jawread.browser;

import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A job with one plan, made from a page by the calls that its screens make. */
public final class PlannedJob {
    private static final List<String> TEXTS = List.of(
            "service",
            "outOfRound",
            "taper",
            "steps",
            "grades",
            "lies",
            "face",
            "layout",
            "sections",
            "axes",
            "keepClear",
            "outOfReach",
            "order");

    private static final String SCRIPT = """
            async ([name, unit, features, parts]) => {
              const call = async (method, path, body, headers = {}) => {
                const answer = await fetch('/api/v1' + path, {
                  method, body: body && JSON.stringify(body),
                  headers: { 'Content-Type': 'application/json', ...headers },
                });
                if (!answer.ok) throw new Error(path + ': ' + await answer.text());
                return answer.json();
              };
              const job = await call('POST', '/jobs', { name, limitsSource: 'drawing 1', unit, template: '' });
              const planNow = async () => (await call('GET', `/jobs/${job.id}/plan`)).plans[0];
              const plan = await planNow();
              await call('POST', `/plans/${plan.id}/changes`, { removes: [],
                puts: features.map((typed) => ({ key: crypto.randomUUID(), typed })) });
              if (parts.length > 0) {
                const now = await planNow();
                await call('PUT', `/plans/${plan.id}/parts`, { parts: parts.map((part, i) => ({
                  ...(i === 0 && now.parts[0] ? { id: now.parts[0].id } : {}), name: part, mark: '', hours: '' })) },
                  { 'If-Match': `"${now.edition}"` });
              }
              const bench = (await call('GET', '/bench')).jobs.find(({ id }) => id === job.id);
              return bench.plans[0].parts.flatMap((part) =>
                part.features.map((feature) => `/parts/${part.id}/features/${feature.id}`));
            }""";

    private PlannedJob() {}

    /** A feature of which no more is said than this. @param more texts of it, by the names of their fields */
    public static Map<String, Object> feature(String name, String kind, String limits, Map<String, String> more) {
        var typed = new LinkedHashMap<String, Object>();
        TEXTS.forEach(text -> typed.put(text, ""));
        typed.put("name", name);
        typed.put("kind", kind);
        typed.put("limits", limits);
        typed.put("round", kind.equals("bore") || kind.equals("outside"));
        typed.put("envelope", false);
        typed.put("decisive", false);
        typed.putAll(more);
        return typed;
    }

    /**
     * Plans the job.
     *
     * @param parts their names; none: one part as the plan begins with
     * @return where each feature of each part is measured, part by part
     */
    @SuppressWarnings("unchecked")
    public static List<String> plan(
            Page page, String name, String unit, List<Map<String, Object>> features, List<String> parts) {
        return (List<String>) page.evaluate(SCRIPT, List.of(name, unit, features, parts));
    }
}
