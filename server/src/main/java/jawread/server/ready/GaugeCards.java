package jawread.server.ready;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.gauge.CheckWanted;
import jawread.core.gauge.SetSize;
import jawread.core.length.Length;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.comparator.SettingTrust;
import jawread.server.drawer.AtHand.Weighed;
import jawread.server.drawer.CheckWords;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.ZeroChecks;
import jawread.server.drawer.ZerosWanting;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.settings.Setting;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What is due on the gauges that a walk will use: to be wiped, looked at, set. */
@Component
class GaugeCards {
    private static final long SET_SECONDS = 180;
    private static final long PUT_BACK_SECONDS = 30;
    private final FeatureMethods methods;
    private final ZeroChecks checks;
    private final SettingTrust settings;
    private final CheckWords checkWords;
    private final Words words;

    GaugeCards(FeatureMethods methods, ZeroChecks checks, SettingTrust settings, CheckWords checkWords, Words words) {
        this.methods = methods;
        this.checks = checks;
        this.settings = settings;
        this.checkWords = checkWords;
        this.words = words;
    }

    /** What each open feature is measured with, in the order of the plan. */
    Map<Feature, GaugeAndReader> with(Part part, List<Feature> open) {
        MethodsOfPlan all = methods.of(part.plan(), Optional.empty());
        var with = new LinkedHashMap<Feature, GaugeAndReader>();
        open.forEach(feature -> all.inForce(feature.key(), feature.planned())
                .map(Weighed::method)
                .ifPresent(method -> with.put(feature, method)));
        return with;
    }

    List<DueCard> wipe(Map<Feature, GaugeAndReader> with) {
        String faces =
                numbers(with, gauge -> gauge.kind().hasZero() && !gauge.kind().isComparator());
        String contacts = numbers(with, gauge -> gauge.kind().isComparator());
        if (faces.isEmpty() && contacts.isEmpty()) {
            return List.of();
        }
        String sentence = Stream.of(
                        faces.isEmpty() ? "" : words.say("ready.wipe.faces", Map.of("gauges", faces)),
                        contacts.isEmpty() ? "" : words.say("ready.wipe.contacts", Map.of("gauges", contacts)),
                        words.say("ready.wipe.part"))
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" "));
        return List.of(DueCard.of(CardKind.WIPE, CardKind.WIPE.code(), words.say("ready.wipe"), sentence, 15));
    }

    List<DueCard> check(Map<Feature, GaugeAndReader> with) {
        ZerosWanting wanting = checks.wanting();
        return read(with)
                .filter(gauge -> !gauge.kind().isComparator())
                .flatMap(gauge -> wanting.of(gauge).or(() -> wanting.atStart(gauge)).stream()
                        .map(why -> DueCard.ofGauge(
                                CardKind.CHECK,
                                gauge.id(),
                                words.say("ready.check", Map.of("gauge", gauge.shopNumber())),
                                checkWords.wanted(why, gauge),
                                null,
                                false,
                                15)))
                .toList();
    }

    /** Of each comparator, and each micrometer that is set on a master, the first size that it is not set for: the others come when it is their turn. */
    List<DueCard> set(Job job, Map<Feature, GaugeAndReader> with) {
        var due = new LinkedHashMap<Long, DueCard>();
        with.forEach((feature, method) -> {
            Gauge gauge = method.gauge();
            if (method.isSet() && gauge.mayMeasure() && !due.containsKey(gauge.id())) {
                Length size = SetSize.of(job.choiceOf(Setting.BORE_SET_SIZE))
                        .orElse(SetSize.MIDDLE)
                        .of(feature.limits(), job.unit());
                settings.wanted(gauge, size).ifPresent(why -> due.put(gauge.id(), set(gauge, feature, size, why)));
            }
        });
        return new ArrayList<>(due.values());
    }

    private DueCard set(Gauge gauge, Feature feature, Length size, CheckWanted why) {
        boolean putBack = why != CheckWanted.NOT_SET;
        return DueCard.ofGauge(
                CardKind.SET,
                gauge.id(),
                words.say(
                        putBack ? "ready.put-back" : "ready.set",
                        Map.of("gauge", gauge.shopNumber(), "feature", feature.name())),
                checkWords.wanted(why, gauge),
                TypedFields.asTyped(size, gauge.unit()),
                putBack,
                putBack ? PUT_BACK_SECONDS : SET_SECONDS);
    }

    private static String numbers(Map<Feature, GaugeAndReader> with, Predicate<Gauge> which) {
        return read(with).filter(which).map(Gauge::shopNumber).collect(Collectors.joining(", "));
    }

    private static Stream<Gauge> read(Map<Feature, GaugeAndReader> with) {
        return with.values().stream()
                .map(GaugeAndReader::read)
                .filter(Gauge::mayMeasure)
                .collect(Collectors.toMap(Gauge::id, gauge -> gauge, (one, same) -> one, LinkedHashMap::new))
                .values()
                .stream();
    }
}
