/**
 * The server, by what a person does. Each package calls only those before it: {@code words} (sentences, figures,
 * problems), {@code storage} (the shop's file), {@code tables} and {@code chain} (its rows as text, and the lines that tell of them),
 * {@code journal} (what happened, and who changed what), {@code access} (people, tickets, rules, guards), {@code live} (the event
 * stream), {@code drawer} (gauges), {@code job} (plans and parts), {@code measure} (rounds, readings, marks), {@code judgement}
 * (what they come to); beside them
 * {@code exchange} (backup and verification), {@code calc} (calculations that keep nothing) and {@code demo}.
 *
 * <p>Controllers see services only; services turn entities into values of {@code core}, call it, and store what it says.
 */
package jawread.server;
