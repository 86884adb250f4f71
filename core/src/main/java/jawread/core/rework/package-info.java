/**
 * Rework: what can still be made of a worn or a finished part. {@link jawread.core.rework.NextSize} finds the oversize or undersize
 * that it cleans up at, {@link jawread.core.rework.HeldGrade} the grade it still is; {@link jawread.core.rework.Clearance} is what
 * there is between two parts, {@link jawread.core.rework.SizeToOrder} what to make for one,
 * {@link jawread.core.rework.Pairing} the best way to put many together.
 */
package jawread.core.rework;
