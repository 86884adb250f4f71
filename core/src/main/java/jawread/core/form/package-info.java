/**
 * Form: how far a feature is from the cylinder it should be, and where metal went.
 *
 * <p>Everything starts from {@link jawread.core.form.FormSizes}, the sizes of one feature by section and axis.
 * {@link jawread.core.form.FeatureForm} makes of them what is around each section ({@link jawread.core.form.OutOfRound}) and
 * down each axis ({@link jawread.core.form.AxisForm}); {@link jawread.core.form.FormDecision} holds such a figure against its
 * limit; {@link jawread.core.form.Wear} says how far the feature is from new. {@link jawread.core.form.VBlock} and
 * {@link jawread.core.form.Runout} are what an indicator tells while the part turns.
 *
 * <p>A figure of form is a difference, so that what a gauge does to every size alike is not in it: only u_place, what differs
 * from one place to the next.
 */
package jawread.core.form;
