/** The drawer: the gauges of the shop, each with its scale, its range and its state. */
package jawread.server.drawer;
