/**
 * Pieces of known size laid one on another: gauge blocks wrung together ({@link jawread.core.stack.Wringing}, ISO 3650 in their
 * sizes and use), feeler leaves between two faces ({@link jawread.core.stack.FeelerGap}). Which of them to take is one question
 * for both: the fewest that sum to exactly what is wanted ({@link jawread.core.stack.Pieces}).
 */
package jawread.core.stack;
