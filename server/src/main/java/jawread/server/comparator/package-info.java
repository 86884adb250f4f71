/**
 * Setting comparators: to what size, on what master, and how it was seen that it was done well. A setting is kept as it was made;
 * readings name the one they rest on.
 */
package jawread.server.comparator;
