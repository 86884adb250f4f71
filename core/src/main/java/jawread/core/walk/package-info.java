/**
 * The walk: where on a feature the gauge is put, in which order, and how long that takes.
 *
 * <p>A feature with form has sections (depths from a named face) and axes (angles around); a place is a section and an axis
 * ({@link jawread.core.walk.Place}). Which there are is its layout ({@link jawread.core.walk.Layout}); what lies in the way
 * moves a section or leaves a place out, with the reason ({@link jawread.core.walk.KeepClear}). Time is planned before it is
 * spent ({@link jawread.core.walk.MeasuringTime}).
 */
package jawread.core.walk;
