package jawread.server.journal;

import java.util.Optional;
import jawread.core.length.LengthUnit;

/** A row whose every change leaves a row in the trail: who, when, the old value and the new one. */
public interface Trailed {
    /**
     * Under what its changes are found.
     *
     * @param subject what it is, as the trail names it
     * @param which its key
     * @param job whose it is; 0 for what is no job's
     * @param called what it was called then; empty for people, whose names stand nowhere but with them
     * @param unit that its lengths are told in
     * @param value the property that a new row is told by; empty where it is told that it is there
     * @param isAdditionTold whether a new row is a change at all
     */
    record Under(
            String subject,
            String which,
            long job,
            String called,
            Optional<LengthUnit> unit,
            String value,
            boolean isAdditionTold) {
        public static Under ofTheShop(String subject, String which) {
            return new Under(subject, which, 0, "", Optional.empty(), "", true);
        }

        public Under of(long ofJob) {
            return new Under(subject, which, ofJob, called, unit, value, isAdditionTold);
        }

        public Under called(String name) {
            return new Under(subject, which, job, name, unit, value, isAdditionTold);
        }

        public Under in(LengthUnit lengths) {
            return new Under(subject, which, job, called, Optional.of(lengths), value, isAdditionTold);
        }

        public Under toldBy(String property) {
            return new Under(subject, which, job, called, unit, property, isAdditionTold);
        }

        public Under changesOnly() {
            return new Under(subject, which, job, called, unit, value, false);
        }
    }

    Under trailedUnder();
}
