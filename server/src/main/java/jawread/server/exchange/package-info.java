/**
 * Exchange: what goes out of the shop whole, and comes in again. A backup is one file: all that is kept, as statements, beside the
 * count and the hash of each table, so that a restored shop is compared with the one it came from.
 */
package jawread.server.exchange;
