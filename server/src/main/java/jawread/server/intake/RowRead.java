package jawread.server.intake;

import java.util.Optional;
import jawread.core.assess.Place;
import jawread.server.intake.JobPlaces.On;
import jawread.server.measure.KeepReading;
import jawread.server.tabular.TableIn.Line;

/**
 * One reading of a row, as far as it is understood.
 *
 * @param at the column that it stands in, from 0; negative where none is known to
 * @param reading empty where there is a problem
 * @param typed the figure, with the unit that the row or the head says
 * @param gauge its number; empty where none is known
 * @param column whose cell is wrong, from 0; negative where nothing is, or where it is none
 * @param problem empty where there is none
 */
record RowRead(
        Line row,
        int at,
        Optional<KeepReading> reading,
        Optional<On> on,
        Optional<Place> place,
        String typed,
        String gauge,
        int column,
        String problem) {
    static RowRead begun(Line row, int at) {
        return new RowRead(
                row, at, Optional.empty(), Optional.empty(), Optional.empty(), at < 0 ? "" : row.cell(at), "", -1, "");
    }

    RowRead on(On on, Place place, String typed) {
        return new RowRead(row, at, reading, Optional.of(on), Optional.of(place), typed, gauge, column, problem);
    }

    RowRead read(KeepReading reading, String gauge) {
        return new RowRead(row, at, Optional.of(reading), on, place, typed, gauge, column, problem);
    }

    RowRead refused(int column, String why) {
        return new RowRead(row, at, Optional.empty(), on, place, typed, gauge, column, why);
    }

    boolean isGood() {
        return problem.isEmpty();
    }
}
