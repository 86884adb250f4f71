/**
 * Jobs: a plan (features with their limits and places) that serves one or many parts.
 *
 * <p>A plan revision is fixed once something was read against it; a change makes a new one.
 */
package jawread.server.job;
