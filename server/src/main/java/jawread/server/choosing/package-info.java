/** Choosing: for each feature of a plan every method of the drawer, what speaks for and against it, and the one somebody picked. */
package jawread.server.choosing;
