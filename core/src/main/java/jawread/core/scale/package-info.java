/**
 * Scales: what the eye reads, and what it means.
 *
 * <p>A scale has parts that the eye reads in order, coarse to fine; a reading is the base (what the gauge adds on its
 * own: its frame) plus the sum of the parts. On a thimble head the coarse line is a line of the sleeve, the fine line is
 * the graduation of the thimble on or last passed at the index, and a vernier, where there is one, splits that graduation
 * once more. The least count is the finest step that the scale can show.
 *
 * <p>The coarse line is where people go wrong: near the thimble's zero a sleeve line only just shows. The rule for it is
 * {@link jawread.core.scale.LineJustShowing}.
 *
 * <p>{@link jawread.core.scale.Scales} is the catalogue by id; a new scale of a known family is a row there, not code.
 */
package jawread.core.scale;
