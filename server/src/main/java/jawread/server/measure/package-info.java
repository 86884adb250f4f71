/**
 * Measuring: rounds, readings and the marks on them.
 *
 * <p>Nothing read is ever changed or deleted. A strike or a note is a row of its own; what state a reading is in is
 * derived from those rows. The database itself refuses an update or a deletion.
 */
package jawread.server.measure;
