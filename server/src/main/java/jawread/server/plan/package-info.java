/**
 * Planning: what is to be measured on a part, where, against which limits, and how long that will take.
 *
 * <p>Whatever is typed is understood field by field and shown back at once ({@link jawread.server.plan.PlannedWords}); what is
 * kept changes by one act, a change of some features, whose answer holds the change that takes it back
 * ({@link jawread.server.plan.PlanChanges}). Two people at one feature are told of each other by its edition.
 */
package jawread.server.plan;
