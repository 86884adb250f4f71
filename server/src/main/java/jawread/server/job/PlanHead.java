package jawread.server.job;

/** What a plan is called, what its part is drawn as, and how its rounds are named. */
public record PlanHead(String name, PartShape shape, RoundNames roundNames) {
    public PlanHead {
        name = name.strip();
    }
}
