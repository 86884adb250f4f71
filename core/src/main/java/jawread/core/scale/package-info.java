/**
 * Scales: what the eye reads, and what it means.
 *
 * <p>A scale has parts that the eye reads in order, coarse to fine; a reading is the base (what the gauge adds on its
 * own: its frame, its rod, the size a comparator is set to) plus the sum of the parts. On a thimble head the coarse line is
 * a line of the sleeve, the fine line is the graduation of the thimble on or last passed at the index, and a vernier, where
 * there is one, splits that graduation once more. On a slide the coarse line is the one that the vernier's zero, or the
 * edge of a dial's slide, has passed. The least count is the finest step that the scale can show.
 *
 * <p>The coarse line is where people go wrong: near the thimble's zero a sleeve line only just shows. The rule for it is
 * {@link jawread.core.scale.LineJustShowing}.
 *
 * <p>{@link jawread.core.scale.Scales} is the catalogue by id; a new scale of a known family is a row of its table, not code. Each
 * kind of scale is a file: {@link jawread.core.scale.VernierSlide}, {@link jawread.core.scale.DialSlide},
 * {@link jawread.core.scale.Thimble}, {@link jawread.core.scale.Comparator}, {@link jawread.core.scale.Digits},
 * {@link jawread.core.scale.Rule}, {@link jawread.core.scale.Feeler}. Where the eye is easily misled is a
 * {@link jawread.core.scale.Trap}.
 */
package jawread.core.scale;
