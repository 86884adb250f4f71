package jawread.server.job;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.Rules;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.TitleBlock;
import jawread.core.plan.TypedFeature;
import jawread.server.settings.Setting;

/**
 * A job, with the unit its limits are written in and the schools in force.
 *
 * @param version goes back with a change
 * @param choices all that was chosen for it, by the setting's code
 * @param use what it is for; one that is not the shop's own work says so on every page
 * @param archivedAt when it was put away; empty while it is open
 */
public record Job(
        long id,
        long version,
        JobHead head,
        Map<String, String> choices,
        JobUse use,
        Instant openedAt,
        Optional<Instant> archivedAt) {
    public Job {
        choices = Map.copyOf(choices);
    }

    public String name() {
        return head.name();
    }

    /** Whether it is made up. */
    public boolean demonstration() {
        return use == JobUse.DEMONSTRATION;
    }

    /** Whether it is to learn: it counts nowhere else. */
    public boolean practice() {
        return use == JobUse.PRACTICE;
    }

    /** Whether it may hold figures without metal behind them. */
    public boolean isForShow() {
        return use != JobUse.OWN;
    }

    public String about() {
        return head.about();
    }

    /** The drawing and revision, or manual and page, that the limits come from. */
    public String limitsSource() {
        return head.limitsSource();
    }

    public LengthUnit unit() {
        return head.unit();
    }

    /** Whether brakes, lifting gear, a pressure vessel or the like is measured: a named person decides, not this program. */
    public boolean livesHangOnIt() {
        return head.livesHangOnIt();
    }

    public String decider() {
        return head.decider();
    }

    /** What is in force here. */
    public String choiceOf(Setting setting) {
        return choices.getOrDefault(setting.code(), setting.startingValue());
    }

    public RepeatSchool repeatSchool() {
        return RepeatSchool.of(choiceOf(Setting.REPEATS)).orElseThrow();
    }

    /** The schools that its parts are judged by. */
    public Rules rules() {
        return new Rules(
                repeatSchool(),
                Rules.PlaceValueSchool.of(choiceOf(Setting.PLACE_VALUE)),
                DecisionRule.of(choiceOf(Setting.NEAR_LIMIT)).orElseThrow(),
                Rules.TaperSchool.of(choiceOf(Setting.TAPER)),
                Rules.QuickCheck.of(choiceOf(Setting.QUICK_CHECK)),
                cleanUp());
    }

    /** What is wanted off each side at rework, in its unit. */
    public Length cleanUp() {
        Setting setting = unit().isInch() ? Setting.CLEAN_UP_INCH : Setting.CLEAN_UP_METRIC;
        return Length.of(new BigDecimal(choiceOf(setting)), unit());
    }

    /** What its drawing says of all sizes. */
    public TitleBlock titleBlock() {
        return TitleBlocks.of(unit(), this::choiceOf);
    }

    /** A feature as it is newly typed for it: what nobody said is as the job has it. */
    public TypedFeature typed(TypedFeature typed) {
        return typed.keepingClearBy(choiceOf(unit().isInch() ? Setting.CONTACT_INCH : Setting.CONTACT_METRIC));
    }
}
