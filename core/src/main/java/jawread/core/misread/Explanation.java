package jawread.core.misread;

import jawread.core.length.Length;

/**
 * A slip that would have produced a kept reading.
 *
 * @param shouldBe r′, the true reading from which it would have
 */
public record Explanation(Slip slip, String variant, Length shouldBe) {}
