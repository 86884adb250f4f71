package jawread.server.plan;

import java.util.Optional;
import java.util.UUID;
import jawread.core.plan.PlannedFeature;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.GaugeAndReader;

/**
 * What a feature takes on one part.
 *
 * @param method it is measured with; empty where the drawer has none, and it is reckoned by what is usual
 */
record PlannedWork(int readings, long seconds, Optional<GaugeAndReader> method) {
    static PlannedWork of(UUID key, PlannedFeature planned, MethodsOfPlan methods) {
        Optional<Weighed> inForce = methods.inForce(key, planned);
        int readings = planned.readings(inForce.map(each -> each.choice().repeats())
                .orElseGet(() -> methods.job().repeatSchool().fewest()));
        return new PlannedWork(
                readings,
                inForce.map(each -> each.choice().seconds())
                        .orElseGet(() -> planned.time().seconds(readings)),
                inForce.map(Weighed::method));
    }
}
