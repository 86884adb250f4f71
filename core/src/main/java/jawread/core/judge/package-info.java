/**
 * Judging: from readings at a place to its value, from a value to a verdict, from a verdict to the way out.
 *
 * <p>Readings at one place are repeats of each other. How far two honest ones may lie apart is the critical range
 * ({@link jawread.core.judge.CriticalRange}); what is done about it is a school ({@link
 * jawread.core.judge.RepeatSchool}). A settled place has a value; a value against limits is in, or leaves metal to take
 * off, or is gone ({@link jawread.core.judge.WayOut}). The worst place decides its feature ({@link
 * jawread.core.judge.SizeVerdict}).
 */
package jawread.core.judge;
