/**
 * A box of gauges without metal: a small program of its own, with a page, that speaks to a shop's port as gauges with data output do.
 * What it sends says that it is simulated.
 */
package jawread.box;
