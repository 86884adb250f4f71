/**
 * What a drawing allows: limits, in the forms people type them.
 *
 * <p>Limits are inclusive: a size equal to a limit is in. Lengths being exact, that is meaningful.
 *
 * <p>A class of ISO 286 is a letter, which says where the zone lies about the nominal size, and a grade, which says how wide
 * it is ({@link jawread.core.limit.ToleranceClass}); a fit is a hole's class and a shaft's, and what lies between them
 * ({@link jawread.core.limit.Fit}). Sizes without a tolerance of their own have a
 * {@link jawread.core.limit.GeneralTolerance}.
 */
package jawread.core.limit;
