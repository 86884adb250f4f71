/**
 * Scales without any gauge or job: the catalogue that drawings are made from, a reading with its sum and the slips that
 * would have read otherwise, and what must show for a wanted size. It keeps nothing.
 */
package jawread.server.scale;
