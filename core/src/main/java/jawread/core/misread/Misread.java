package jawread.core.misread;

import jawread.core.length.Length;

/**
 * What a slip would have read.
 *
 * @param variant which of several ways of the same slip, {@code +}, {@code tenth}, {@code x25.4}; empty when there is one
 */
public record Misread(Slip slip, String variant, Length read) {}
