package jawread.server.judgement;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jawread.core.misread.Slip;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.judgement.SlipLogView.CountView;
import jawread.server.judgement.SlipLogView.OwnedView;
import jawread.server.measure.Marks;
import jawread.server.measure.Reading;
import jawread.server.measure.ReadingMark;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log of slips, for the eyes of those who made them: for practice, not for blame. */
@Service
class SlipLogs {
    private final People people;
    private final Marks marks;
    private final ShopSettings settings;
    private final Figures figures;
    private final Words words;

    SlipLogs(People people, Marks marks, ShopSettings settings, Figures figures, Words words) {
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
                .filter(mark -> all || mark.reading().person() == person.id())
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

    private OwnedView owned(ReadingMark mark) {
        Reading reading = mark.reading();
        Slip slip = mark.answer().slip().orElseThrow();
        return new OwnedView(
                mark.madeAt(),
                people.nameOf(reading.person()),
                reading.method().number(),
                words.say("slip-name." + slip.code()),
                figures.reading(reading.raw(), reading.unit(), reading.resolution()),
                mark.answer()
                        .shouldBe()
                        .map(size -> figures.reading(size, reading.unit(), reading.resolution()))
                        .orElse(null),
                reading.round().part().job().name());
    }
}
