package jawread.server.signal;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * The port for gauges, and what lies in the tray.
 *
 * @param port its number; absent while it is closed
 * @param trouble why it could not be opened; absent where there is none
 * @param boxes how many speak now
 * @param serial gauges at serial ports of this machine
 * @param lines what was said last, the last one first
 */
record SignalView(
        @Nullable Integer port,
        @Nullable String trouble,
        int boxes,
        List<String> speaking,
        List<SerialView> serial,
        List<SaidLineView> lines) {
    /** @param trouble why nothing is heard of it; absent while its port is open */
    record SerialView(
            String gauge, String port, int baud, @Nullable String trouble) {}

    record SaidLineView(Instant at, String from, String line, String answer) {}

    /**
     * A figure that nobody has taken for a reading.
     *
     * @param figure as it is read in, with its unit
     * @param shown as it came
     * @param told what to look at in it, in sentences; empty where there is nothing
     * @param asked whether a person is to say that it is the size still
     * @param offeredTo the screen that listened to it alone; absent where none did
     */
    record TrayFigureView(
            UUID id,
            long gauge,
            String number,
            String figure,
            String shown,
            String told,
            boolean asked,
            boolean simulated,
            @Nullable UUID offeredTo,
            Instant takenAt) {}
}
