package jawread.server.job;

/**
 * The plan for one kind of part in a job: barrels, plungers. What it says stands in its revisions.
 *
 * @param version goes back with a change
 */
public record Plan(long id, long version, Job job, PlanHead head) {
    public String name() {
        return head.name();
    }

    public PartShape shape() {
        return head.shape();
    }

    public RoundNames roundNames() {
        return head.roundNames();
    }
}
