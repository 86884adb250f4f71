/**
 * What happened, in one order for all, and who changed what: each change of a row is noted as it is made, whoever makes it, and is
 * told of by the line that ends its transaction.
 */
package jawread.server.journal;
