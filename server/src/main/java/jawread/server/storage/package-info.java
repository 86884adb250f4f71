/**
 * The file that a shop is kept in: opened for this program, carried over from an older one, brought onto the disk after each
 * change, and what is said when the disk or the database is in trouble. Knows nothing of what is kept.
 */
package jawread.server.storage;
