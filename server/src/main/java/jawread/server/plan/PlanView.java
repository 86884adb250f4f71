package jawread.server.plan;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A job as it is planned.
 *
 * @param edition goes back in If-Match with a change of the head
 * @param unit in or mm
 * @param lives present on a job that lives hang on
 * @param remarks what is still asked for, in sentences
 * @param choices in force, by the setting's name
 */
public record PlanView(
        long id,
        long edition,
        String name,
        String about,
        String limitsSource,
        String customerReference,
        String unit,
        String material,
        String temperature,
        boolean livesHangOnIt,
        String decider,
        boolean demonstration,
        boolean archived,
        @Nullable String lives,
        List<String> remarks,
        Map<String, String> choices,
        List<PlanOfPartView> plans,
        String total) {
    /**
     * The plan for one kind of part.
     *
     * @param edition goes back in If-Match with a change of its head or its parts
     * @param revision which edition of the plan this is, from 1
     * @param fixed whether something was read against it, so that a change makes the next
     */
    public record PlanOfPartView(
            long id,
            long edition,
            String name,
            String shape,
            String rounds,
            int revision,
            boolean fixed,
            List<PlannedView> features,
            List<PlannedPartView> parts,
            String total) {}

    /** @param read whether something was read on it, so that it can no longer be taken off the list */
    public record PlannedPartView(
            long id, String name, String mark, @Nullable String runningHours, boolean read) {}

    /**
     * What a change came to.
     *
     * @param seq its number in the job, by which the screen that made it knows it again
     * @param order the keys of all features as they now stand
     * @param changed those that are new or have another edition
     * @param undo the change that takes it back
     * @param say what was done, in a sentence
     */
    public record PlanChangedView(
            long seq,
            int revision,
            boolean fixed,
            String total,
            String jobTotal,
            List<UUID> order,
            List<PlannedView> changed,
            PlanChange undo,
            String say) {}
}
