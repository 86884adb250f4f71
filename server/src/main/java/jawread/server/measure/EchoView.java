package jawread.server.measure;

import java.math.BigDecimal;
import java.util.Map;
import jawread.server.words.LengthText;

/**
 * How a scale must look for a figure.
 *
 * @param base in picometres, what the gauge adds on its own there
 * @param parts the counts that must show, of a comparator its sense among them
 * @param look which line to look for near a trap, and what is added; empty where nothing misleads
 */
public record EchoView(LengthText size, long base, Map<String, BigDecimal> parts, String look) {}
