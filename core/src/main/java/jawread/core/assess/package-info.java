/**
 * What a part comes to, as one pure function of values: the plan's features as they were understood, the log of what was read and said,
 * the instruments and the rules go in; the assessment of each place, round and feature, its form, its doubts with their reasons, the next
 * step and what is still wanted come out. Nothing here asks a clock or a database, or makes a sentence; the same input gives the same
 * output, in whatever order marks that commute were made, and however the log was cut into pieces.
 *
 * <p>A <em>reading</em> names the part, the feature by its key, and the place by its key. A {@link jawread.core.assess.FeatureLog log} is
 * all that was read on one feature of one part and what was said of it since. {@link jawread.core.assess.Conditions} are what sizes are
 * judged under: rules, instruments, material.
 */
package jawread.core.assess;
