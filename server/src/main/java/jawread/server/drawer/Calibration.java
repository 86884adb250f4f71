package jawread.server.drawer;

import java.time.LocalDate;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * What a laboratory found.
 *
 * @param error the largest it found, with its sign
 * @param expanded its U
 * @param due until when it holds; empty where nobody said
 */
public record Calibration(LocalDate on, Length error, Length expanded, Optional<LocalDate> due) {}
