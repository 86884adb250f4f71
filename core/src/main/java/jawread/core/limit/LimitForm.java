package jawread.core.limit;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Outcome;

/** One way of writing limits. */
interface LimitForm {
    /**
     * Tried in this order: ± before single deviations, those before two limits, for a sign tells more than a dash; a size
     * that says nothing of what is allowed comes last.
     */
    List<LimitForm> ALL = List.of(
            new ByClass(),
            new PlusMinus(),
            new Deviations(),
            new OneLimit(),
            new TwoLimits(),
            new ByGeneralTolerance());

    /** Empty when the text is not written so; refused when it is, and a figure in it cannot be understood. */
    Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind);
}
