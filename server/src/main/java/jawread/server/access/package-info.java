/**
 * Who may do what: people, who stands at a screen, a rule for each endpoint, and the guards that hold for all of them
 * (allowed hosts, writes from the same origin and as JSON only, a strict Content-Security-Policy).
 */
package jawread.server.access;
