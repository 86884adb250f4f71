/**
 * What was found in the database is kept under the versions of what it was found in. A version is a number in the database, raised in the
 * transaction that changes its subject: a job's plan, its readings, what was said of them; a gauge with its checks, settings and trials;
 * the drawer; the shop's settings and people. Nothing that this process counts by itself decides what is fresh, so that two servers over
 * one database are both right. There is one cache, {@link jawread.server.versions.Snapshots}; it holds values, never entities.
 */
package jawread.server.versions;
