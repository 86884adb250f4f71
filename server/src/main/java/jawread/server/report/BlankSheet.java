package jawread.server.report;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.server.job.PlaceCode;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.paper.Block;
import jawread.server.paper.Block.Facts;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
import jawread.server.paper.Block.Title;
import jawread.server.paper.Block.Weight;
import jawread.server.report.Paper.PartOnPaper;
import jawread.server.report.Paper.PlanOnPaper;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/**
 * Empty boxes, for where no screen goes: a box for each repeat that a place asks for and two more. Each place bears a short code, in the
 * order of the walk, by which it is typed back.
 */
@Component
class BlankSheet {
    private static final int BOXES_BESIDES = 2;

    private final JobOnPaper onPaper;
    private final FeatureNames names;
    private final Columns columns;
    private final Words words;

    BlankSheet(JobOnPaper onPaper, FeatureNames names, Columns columns, Words words) {
        this.onPaper = onPaper;
        this.names = names;
        this.columns = columns;
        this.words = words;
    }

    List<Block> of(Paper paper) {
        var blocks = new ArrayList<Block>();
        blocks.add(new Facts(onPaper.facts(paper).stream()
                .filter(fact -> !fact.name().equals(words.say("report.fact.measured")))
                .toList()));
        blocks.add(new Block.Paragraph(
                Weight.QUIET,
                words.say("report.blank.how", Map.of("unit", paper.job().unit().symbol()))));
        int boxes = paper.job().repeatSchool().fewest() + BOXES_BESIDES;
        int letter = 0;
        for (PlanOnPaper plan : paper.plans()) {
            for (PartOnPaper part : plan.parts()) {
                blocks.add(Title.of(2, part.part().name()));
                for (FeatureView feature : part.judged().drawn()) {
                    Feature planned = plan.plan().plan().features().stream()
                            .filter(each -> each.id() == feature.id())
                            .findFirst()
                            .orElseThrow();
                    feature(feature, planned.places(part.part().id()), letter++, boxes, blocks);
                }
            }
        }
        return blocks;
    }

    private void feature(FeatureView feature, List<Place> places, int letter, int boxes, List<Block> blocks) {
        blocks.add(Title.of(3, names.of(feature)));
        blocks.add(new Block.Paragraph(
                Weight.QUIET,
                words.say("report.limits", Map.of("limits", feature.limits().sentence()))));
        List<String> head = Stream.of(
                        columns.of("code", "place", "gauge").stream(),
                        IntStream.rangeClosed(1, boxes).mapToObj(Integer::toString))
                .flatMap(each -> each)
                .toList();
        blocks.add(new Grid(
                head,
                IntStream.range(0, places.size())
                        .mapToObj(at -> new Line(
                                Stream.of(
                                                Stream.of(
                                                        PlaceCode.of(letter, at),
                                                        places.get(at).name()),
                                                Collections.nCopies(boxes + 1, "").stream())
                                        .flatMap(each -> each)
                                        .toList(),
                                false))
                        .toList()));
    }
}
