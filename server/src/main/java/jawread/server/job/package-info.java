/**
 * Jobs: what is kept of a job, its plans and its parts.
 *
 * <p>A job has a plan for each kind of part; a plan serves one or many parts. A plan is an ordered list of features, and has
 * revisions: one is fixed once something was read against it, and a change makes the next. A feature never changes: another
 * edition of it takes its place in the list, so that one left alone is in both revisions and keeps what was read on it.
 */
package jawread.server.job;
