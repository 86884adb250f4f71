/** Which part on the list of one plan is which on that of another. */
package jawread.server.identity;
