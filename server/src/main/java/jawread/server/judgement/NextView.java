package jawread.server.judgement;

import jakarta.annotation.Nullable;

/**
 * The very next thing to do: where, and what, in a sentence.
 *
 * @param feature to measure; absent where the part is to be looked at first
 */
public record NextView(long part, @Nullable Long feature, String sentence) {}
