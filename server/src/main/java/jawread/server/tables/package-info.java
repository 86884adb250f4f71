/**
 * The shop's tables as text: one row is one line of canonical JSON. A backup is made of such lines, and the journal's chain compares
 * them. It knows no table by name but those that hold nothing of the shop's own.
 */
package jawread.server.tables;
