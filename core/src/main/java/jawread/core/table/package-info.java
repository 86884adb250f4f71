/** Tables that rules are read from: their first lines, with #, explain them; the next names their columns. */
package jawread.core.table;
