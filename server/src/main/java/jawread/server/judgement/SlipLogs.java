package jawread.server.judgement;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.drawer.InstrumentsInForce;
import jawread.server.job.Jobs;
import jawread.server.judgement.SlipLogView.CountView;
import jawread.server.judgement.SlipLogView.OwnedView;
import jawread.server.measure.Marks;
import jawread.server.measure.OwnedSlip;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log of slips, for the eyes of those who made them: for practice, not for blame. */
@Service
class SlipLogs {
    private final Jobs jobs;
    private final InstrumentsInForce instruments;
    private final People people;
    private final Marks marks;
    private final ShopSettings settings;
    private final Figures figures;
    private final Words words;

    SlipLogs(
            Jobs jobs,
            InstrumentsInForce instruments,
            People people,
            Marks marks,
            ShopSettings settings,
            Figures figures,
            Words words) {
        this.jobs = jobs;
        this.instruments = instruments;
        this.people = people;
        this.marks = marks;
        this.settings = settings;
        this.figures = figures;
        this.words = words;
    }

    private record By(String person, String gauge, String slip) {}

    @Transactional(readOnly = true)
    public SlipLogView of(Person person) {
        boolean all = settings.of(Setting.SLIPS_SEEN_BY).equals("shop");
        List<OwnedView> slips = marks.ownedTo().stream()
                .filter(slip -> all || slip.person() == person.id())
                .map(this::owned)
                .toList();
        var counts = new LinkedHashMap<By, Integer>();
        slips.forEach(slip -> counts.merge(new By(slip.person(), slip.gauge(), slip.slip()), 1, Integer::sum));
        return new SlipLogView(
                all,
                counts.entrySet().stream()
                        .sorted(Map.Entry.<By, Integer>comparingByValue(Comparator.reverseOrder()))
                        .map(entry -> new CountView(
                                entry.getKey().person(),
                                entry.getKey().gauge(),
                                entry.getKey().slip(),
                                entry.getValue()))
                        .toList(),
                slips);
    }

    private OwnedView owned(OwnedSlip slip) {
        return new OwnedView(
                slip.at(),
                people.nameOf(slip.person()),
                instruments.now().number(slip.with()),
                words.say("slip-name." + slip.slip().code()),
                figures.reading(slip.raw(), slip.unit(), slip.resolution()),
                slip.shouldBe()
                        .map(size -> figures.reading(size, slip.unit(), slip.resolution()))
                        .orElse(null),
                jobs.job(slip.job()).name());
    }
}
