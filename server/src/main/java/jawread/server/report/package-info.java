/**
 * A job on paper: the full report, one page for the customer, and a sheet to fill by hand. Each is made once as a document of plain
 * blocks; the screen, the print and the PDF show that one document, so that none of them says anything else.
 */
package jawread.server.report;
