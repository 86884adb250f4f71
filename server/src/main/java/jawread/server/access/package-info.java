/**
 * Who may do what: people, whose ticket a request bears, a rule for each endpoint, the passphrase of a shop that other machines reach,
 * and the guards that hold for all of them (allowed hosts, writes from the same origin and as JSON only, a strict
 * Content-Security-Policy). And who changed what, as it is told.
 */
package jawread.server.access;
