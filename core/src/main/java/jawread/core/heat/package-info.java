/**
 * Heat: what a part, a gauge and a master are made of. Sizes are stated at 20 °C (ISO 1); how far one moves with each kelvin is
 * the material's ({@link jawread.core.heat.Material}).
 */
package jawread.core.heat;
