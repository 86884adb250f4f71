package jawread.server.signal;

import java.util.UUID;
import jawread.core.signal.GaugeLine;

/**
 * A figure on its way in.
 *
 * @param id it will have
 * @param line as it came
 * @param isAlone whether nobody else speaks for this gauge
 */
record Sent(UUID id, String line, GaugeLine.Figure figure, boolean isAlone) {}
