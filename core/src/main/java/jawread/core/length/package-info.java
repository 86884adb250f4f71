/**
 * Lengths, exactly.
 *
 * <p>A length is a whole number of picometres: 1 in = 25 400 000 000 pm and 1 mm = 1 000 000 000 pm, both exact. Every
 * division of every scale in use, 1/128 in and 0.02 mm included, is then exact too, and no limit is ever missed by a
 * binary rounding. Only means, halves, thermal corrections and computed thresholds round: half to even, to the
 * picometre, before they are compared or shown.
 *
 * <p>What can go wrong in use (a figure that cannot be understood) is an {@link jawread.core.length.Outcome}, a value; a
 * broken contract is an exception.
 */
package jawread.core.length;
