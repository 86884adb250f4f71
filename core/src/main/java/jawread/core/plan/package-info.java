/**
 * A plan: the features of a part, each as a person types it and as it was understood.
 *
 * <p>What was typed is kept beside what it means ({@link jawread.core.plan.TypedFeature}, {@link
 * jawread.core.plan.PlannedFeature}): a feature is always understood again from its own words and from the title block that
 * was in force, so that it can be shown, copied and changed as it was written.
 */
package jawread.core.plan;
