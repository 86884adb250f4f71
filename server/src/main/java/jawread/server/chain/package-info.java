/**
 * The chain of the journal's lines: each holds, as canonical JSON, the rows that were written or taken away with it, and the digest
 * of the line before. Compared with the tables it shows what was changed behind the program's back; not by whom. It is made of
 * connections and texts alone, so that a shop's file can be looked at without a server.
 */
package jawread.server.chain;
