/**
 * Gauges: what each kind is for and how well it does it, which one to take, and whether its zero still stands.
 *
 * <p>A kind ({@link jawread.core.gauge.GaugeKind}) and what it is used for ({@link jawread.core.gauge.Usage}) give starting
 * values, which a data sheet, a calibration or a person's own trial replaces. A gauge, or a transfer gauge with the reader that
 * measures it, is a method ({@link jawread.core.gauge.Method}). Choosing asks of each method whether it can decide a feature's
 * limits, and takes the quickest that can ({@link jawread.core.gauge.Choosing}). A check finds an error, and what of it is left
 * is taken off readings or sends the gauge away ({@link jawread.core.gauge.ZeroCheck}).
 */
package jawread.core.gauge;
