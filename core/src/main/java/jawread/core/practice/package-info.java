/**
 * Practice: a scale is drawn at a setting that is known, and somebody reads it, or sets it to a size.
 *
 * <p>What each slip of the catalogue would have read there is known before it is shown ({@link jawread.core.practice.Item}), so that a wrong
 * answer is named by the slip that gives that very figure ({@link jawread.core.practice.Judged}). Which trap comes next hangs on what was
 * answered before and on a seed, and on nothing else ({@link jawread.core.practice.NextItem}): a run can be repeated exactly.
 */
package jawread.core.practice;
