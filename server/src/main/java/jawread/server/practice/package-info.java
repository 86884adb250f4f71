/**
 * Practice: sets of items, how they were answered, and what a learner is firm in. Nothing here is ever mixed with what is measured; only the
 * slips that somebody owned to at work are looked at.
 */
package jawread.server.practice;
