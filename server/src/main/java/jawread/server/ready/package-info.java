/** Making ready: what is to be done on a part and its gauges before the first reading, one card at a time, and what was done. */
package jawread.server.ready;
