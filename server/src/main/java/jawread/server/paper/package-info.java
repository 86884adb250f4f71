/**
 * A document of plain blocks, and what it becomes: a page, and a PDF. The screen, the print and the PDF show one document, so that none of
 * them says anything else. Nothing here knows what a job is.
 */
package jawread.server.paper;
