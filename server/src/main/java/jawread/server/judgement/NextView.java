package jawread.server.judgement;

/** The very next thing to do: where, and what, in a sentence. */
public record NextView(long part, long feature, String sentence) {}
