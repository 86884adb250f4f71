package jawread.server.calc;

import java.util.List;
import java.util.Map;
import jawread.core.length.Outcome;

/** One kind of calculation, stateless. */
interface CalcTopic {
    /** Its name in the address. */
    String name();

    /** The columns it takes. */
    List<String> inputs();

    /** The columns it answers; every answer has all of them, null where there is nothing to say. */
    List<String> outputs();

    /** The answer, by the names of {@link #outputs()}. */
    Outcome<Map<String, Object>> answer(CalcRow row);
}
