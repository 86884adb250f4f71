/**
 * Misreads: reading slips are not random, each leaves a difference of a known size.
 *
 * <p>Every {@link jawread.core.misread.Slip} of the catalogue can be taken both ways. Forward: what would the eye have read
 * here, had it slipped ({@link jawread.core.misread.Slips#madeAt})? Backward: from which true readings would a slip have
 * produced the figure that was kept ({@link jawread.core.misread.Slips#explaining})? One file holds both ways of a family
 * of slips, so that they cannot drift apart.
 *
 * <p>{@link jawread.core.misread.Recognition} names the likeliest slip when a reading disagrees with a reference. It never
 * changes anything: people decide.
 */
package jawread.core.misread;
