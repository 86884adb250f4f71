package jawread.server.plan;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.Map;
import jawread.core.heat.Material;
import jawread.core.length.LengthUnit;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.Jobs;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What the head of a job may say. Each refusal is 422, and names its field. */
@Component
class HeadRules {
    static final int LONGEST_NAME = 120;
    private static final int LONGEST_TEXT = 200;
    private static final int SHORT_NAME = 80;
    private static final BigDecimal COLDEST = new BigDecimal("-60");
    private static final BigDecimal HOTTEST = new BigDecimal("200");

    private final Jobs jobs;
    private final ShopSettings settings;
    private final Words words;

    HeadRules(Jobs jobs, ShopSettings settings, Words words) {
        this.jobs = jobs;
        this.settings = settings;
        this.words = words;
    }

    void refuseUnlessSound(JobHead head) {
        if (head.name().isEmpty() || head.name().length() > LONGEST_NAME) {
            throw Refused.field("name", "job-name", words);
        }
        refuseLonger("about", head.about(), LONGEST_TEXT);
        refuseLonger("limitsSource", head.limitsSource(), LONGEST_TEXT);
        refuseLonger("customerReference", head.customerReference(), LONGEST_NAME);
        if (!head.material().isEmpty()
                && Material.called(head.material(), settings.ownMaterials()).isEmpty()) {
            throw Refused.field("material", "no-such-material", words);
        }
        if (!head.temperature().isEmpty()
                && TypedNumber.within(head.temperature(), COLDEST, HOTTEST).isEmpty()) {
            throw Refused.field("temperature", "bad-temperature", words);
        }
        if (head.livesHangOnIt() && head.decider().isEmpty()) {
            throw Refused.field("decider", "no-decider", words);
        }
        refuseLonger("decider", head.decider(), SHORT_NAME);
    }

    private void refuseLonger(String field, String text, int most) {
        if (text.length() > most) {
            throw Refused.field(field, "text-too-long", words);
        }
    }

    /** Once sizes are planned: what is typed without a unit would mean something else. */
    void refuseAnotherUnit(Job job, LengthUnit unit) {
        if (unit != job.unit()
                && jobs.plansOf(job).stream()
                        .anyMatch(plan -> !jobs.newest(plan).sizes().isEmpty())) {
            throw Refused.field("unit", "unit-in-use", words);
        }
    }

    LengthUnit unit(String symbol) {
        return LengthUnit.ofSuffix(symbol)
                .filter(unit -> unit == LengthUnit.INCH || unit == LengthUnit.MILLIMETRE)
                .orElseThrow(() -> Refused.field("unit", "bad-unit", words));
    }

    /** @param choices by the names of settings that a job may have otherwise than the shop @param unit of what they say, in a refusal */
    Map<Setting, String> accepted(Map<String, String> choices, LengthUnit unit) {
        var accepted = new EnumMap<Setting, String>(Setting.class);
        choices.forEach((name, choice) -> {
            Setting setting = Setting.of(name)
                    .filter(Setting.ofJobs()::contains)
                    .orElseThrow(() -> Refused.field(name, "no-such-setting", words));
            accepted.put(setting, setting.accept(choice).fold(text -> text, refusal -> {
                throw Refused.field(name, refusal, words.say(refusal, unit));
            }));
        });
        return accepted;
    }
}
