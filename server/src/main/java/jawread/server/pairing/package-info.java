/**
 * Pairing: insides and outsides among the parts of one job, or of two, put together so that as many as can keep the clearance wanted.
 * Keeps nothing: what was asked stands in the address of the page.
 */
package jawread.server.pairing;
