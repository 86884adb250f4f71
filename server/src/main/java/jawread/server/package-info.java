/**
 * The server, by what a person does. Each package calls only those before it: {@code words} (sentences, figures,
 * problems), {@code access} (people, sessions, rules, guards), {@code live} (the journal and the event stream),
 * {@code drawer} (gauges), {@code job} (plans and parts), {@code measure} (rounds, readings, marks), {@code judgement}
 * (what they come to); beside them {@code calc} (calculations that keep nothing) and {@code demo}.
 *
 * <p>Controllers see services only; services turn entities into values of {@code core}, call it, and store what it says.
 */
package jawread.server;
