/**
 * Over time: one part, told by what is stamped on it, at one inspection after another; how fast it wears, and when it meets its
 * service limit. Keeps nothing of its own.
 */
package jawread.server.series;
