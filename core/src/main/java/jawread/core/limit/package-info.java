/**
 * What a drawing allows: limits, in the forms people type them.
 *
 * <p>Limits are inclusive: a size equal to a limit is in. Lengths being exact, that is meaningful.
 */
package jawread.core.limit;
