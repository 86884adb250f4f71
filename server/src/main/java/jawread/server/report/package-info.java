/** A job on paper: the full report, one page for the customer, and a sheet to fill by hand; each is made once, as a document of blocks. */
package jawread.server.report;
