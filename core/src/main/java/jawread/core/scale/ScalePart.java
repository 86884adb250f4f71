package jawread.core.scale;

import jawread.core.length.Length;

/**
 * One part of a scale.
 *
 * @param name as in the reading's parts: {@code sleeve}, {@code thimble}, {@code vernier}
 * @param division what one count of it is worth
 * @param last the largest count there is; the smallest is 0
 * @param estimate whether one decimal of a division may be read between two lines
 */
public record ScalePart(String name, Length division, int last, boolean estimate) {}
