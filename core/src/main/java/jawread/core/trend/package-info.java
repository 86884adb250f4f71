/**
 * Over time: {@link jawread.core.trend.Trend} lays a line through what one place measured at inspection after inspection, says
 * whether it wears at all, and when it meets its service limit.
 */
package jawread.core.trend;
