package jawread.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.job.LivesWords;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.paper.Block;
import jawread.server.paper.Block.Facts;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
import jawread.server.paper.Block.Weight;
import jawread.server.report.Paper.PartOnPaper;
import jawread.server.report.Paper.PlanOnPaper;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What the customer wants to know, on one page: of each part each size and what it comes to, and what is to be done. */
@Component
class OnePage {
    /** Of more parts of a kind each is a line, and each feature a column. */
    private static final int MOST_APART = 4;

    private final JobOnPaper onPaper;
    private final LivesWords lives;
    private final FeatureNames names;
    private final Columns columns;
    private final Words words;

    OnePage(JobOnPaper onPaper, LivesWords lives, FeatureNames names, Columns columns, Words words) {
        this.onPaper = onPaper;
        this.lives = lives;
        this.names = names;
        this.columns = columns;
        this.words = words;
    }

    List<Block> of(Paper paper) {
        var blocks = new ArrayList<Block>();
        blocks.add(new Facts(onPaper.facts(paper)));
        lives.of(paper.job()).ifPresent(said -> blocks.add(new Block.Paragraph(Weight.BARRED, said)));
        for (PlanOnPaper plan : paper.plans()) {
            blocks.add(Block.Title.of(2, plan.plan().plan().plan().name()));
            blocks.add(plan.parts().size() > MOST_APART ? seatBySeat(plan) : sizes(plan));
            steps(plan, blocks);
        }
        blocks.add(new Block.Paragraph(Weight.QUIET, words.say("report.one-page.rest")));
        return blocks;
    }

    private Grid sizes(PlanOnPaper plan) {
        return Grid.of(
                columns.of("part", "feature", "limits", "value", "verdict"),
                plan.parts().stream()
                        .flatMap(part -> part.judged().drawn().stream()
                                .map(feature -> Line.of(
                                        part.part().name(),
                                        names.of(feature),
                                        feature.limits().sentence(),
                                        value(part, feature),
                                        feature.verdict().word())))
                        .toList());
    }

    private static String value(PartOnPaper part, FeatureView feature) {
        return judged(part, feature)
                .filter(of -> of.value() != null)
                .map(of -> of.value().withUnit()
                        + (of.expanded() == null ? "" : " ± " + of.expanded().text()))
                .findFirst()
                .orElse("");
    }

    private static Stream<JudgedFeatureView> judged(PartOnPaper part, FeatureView feature) {
        return part.judged().features().stream().filter(each -> each.id() == feature.id());
    }

    private Grid seatBySeat(PlanOnPaper plan) {
        List<String> features =
                plan.parts().get(0).judged().drawn().stream().map(names::of).toList();
        return Grid.of(
                Stream.of(columns.of("part").stream(), features.stream(), columns.of("verdict").stream())
                        .flatMap(each -> each)
                        .toList(),
                plan.parts().stream()
                        .map(part -> new Line(
                                Stream.of(
                                                Stream.of(part.part().name()),
                                                part.judged().drawn().stream().map(feature -> inShort(part, feature)),
                                                Stream.of(part.judged()
                                                        .part()
                                                        .verdict()
                                                        .word()))
                                        .flatMap(each -> each)
                                        .toList(),
                                false))
                        .toList());
    }

    private static String inShort(PartOnPaper part, FeatureView feature) {
        return judged(part, feature)
                .map(of -> of.value() == null
                        ? feature.verdict().word()
                        : of.value().text() + ", " + feature.verdict().word())
                .findFirst()
                .orElse("");
    }

    /** Parts of which the same is to be done are named together. */
    private void steps(PlanOnPaper plan, List<Block> blocks) {
        plan.parts().stream()
                .collect(Collectors.groupingBy(
                        part -> part.judged().decided() == null
                                ? part.judged().step().word()
                                : part.judged().decided().decided(),
                        java.util.LinkedHashMap::new,
                        Collectors.mapping(part -> part.part().name(), Collectors.joining(", "))))
                .forEach((step, parts) -> blocks.add(
                        Block.Paragraph.plain(words.say("report.step", Map.of("parts", parts, "step", step)))));
    }
}
