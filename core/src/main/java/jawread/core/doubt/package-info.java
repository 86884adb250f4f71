/**
 * Doubt: what makes a reading that was kept worth a second look, and what does not.
 *
 * <p>{@link jawread.core.doubt.References} says what a reading is held against in a job, and how far an honest one may lie from it;
 * {@link jawread.core.doubt.Finding} what comes of holding it there; {@link jawread.core.doubt.ZeroStrip} which readings a gauge
 * that was found off throws into doubt. Nothing here changes anything: people decide.
 */
package jawread.core.doubt;
