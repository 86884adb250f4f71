package jawread.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.job.LivesWords;
import jawread.server.judgement.JudgementView;
import jawread.server.judgement.JudgementView.DecisionView;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.LookView.ItemView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.paper.Block;
import jawread.server.paper.Block.Facts;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
import jawread.server.paper.Block.Title;
import jawread.server.paper.Block.Weight;
import jawread.server.report.Paper.PartOnPaper;
import jawread.server.settings.Caution;
import jawread.server.settings.Setting;
import jawread.server.words.Moments;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** All that was read, and what it rests on. */
@Component
class FullReport {
    private final JobOnPaper onPaper;
    private final GaugesOnPaper gauges;
    private final FeatureOnPaper features;
    private final LivesWords lives;
    private final Columns columns;
    private final Moments moments;
    private final Words words;

    FullReport(
            JobOnPaper onPaper,
            GaugesOnPaper gauges,
            FeatureOnPaper features,
            LivesWords lives,
            Columns columns,
            Moments moments,
            Words words) {
        this.onPaper = onPaper;
        this.gauges = gauges;
        this.features = features;
        this.lives = lives;
        this.columns = columns;
        this.moments = moments;
        this.words = words;
    }

    List<Block> of(Paper paper) {
        var blocks = new ArrayList<Block>();
        blocks.add(new Facts(onPaper.facts(paper)));
        lives.of(paper.job()).ifPresent(said -> blocks.add(new Block.Paragraph(Weight.BARRED, said)));
        cautions(paper, blocks);
        outcome(paper, blocks);
        blocks.add(new Block.Paragraph(Weight.QUIET, words.say("report.window")));
        paper.parts().forEach(part -> part(part, paper, blocks));
        gauges.of(paper, blocks);
        rules(paper, blocks);
        return blocks;
    }

    private void cautions(Paper paper, List<Block> blocks) {
        List<String> chosen = Stream.of(paper.job().choiceOf(Setting.CAUTIONS).split("\\s+"))
                .flatMap(code -> Caution.of(code).stream())
                .map(caution -> words.say("caution." + caution.code()))
                .toList();
        if (!chosen.isEmpty()) {
            blocks.add(new Block.Paragraph(
                    Weight.QUIET, words.say("report.cautions", Map.of("cautions", String.join(", ", chosen)))));
        }
    }

    private void outcome(Paper paper, List<Block> blocks) {
        blocks.add(Title.of(2, words.say("report.outcome")));
        blocks.add(Grid.of(
                columns.of("part", "verdict", "next"),
                paper.parts()
                        .map(part -> Line.of(
                                part.part().name(),
                                part.judged().part().verdict().word(),
                                step(part.judged())))
                        .toList()));
    }

    private String step(JudgementView judged) {
        DecisionView decided = judged.decided();
        return decided == null
                ? judged.step().sentence()
                : words.say("report.decided", Map.of("decided", decided.decided(), "person", decided.person()));
    }

    private void part(PartOnPaper on, Paper paper, List<Block> blocks) {
        JudgementView judged = on.judged();
        var verdict = judged.part().verdict();
        blocks.add(new Title(
                2,
                words.say("report.of-part", Map.of("part", on.part().name(), "verdict", verdict.word())),
                verdict.mark(),
                verdict.side()));
        if (!verdict.sentence().isEmpty()) {
            blocks.add(new Block.Paragraph(Weight.STRONG, verdict.sentence()));
        }
        blocks.add(Block.Paragraph.plain(judged.step().sentence()));
        blocks.add(new Block.Paragraph(Weight.QUIET, judged.step().rule()));
        judged.decisions()
                .forEach(decision -> blocks.add(new Block.Paragraph(
                        Weight.BARRED,
                        words.say(
                                "report.overruled",
                                Map.of(
                                        "person", decision.person(),
                                        "at", moments.moment(decision.at()),
                                        "said", decision.said(),
                                        "decided", decision.decided(),
                                        "reason", decision.reason())))));
        looked(judged.looked(), blocks);
        Map<Long, JudgedFeatureView> by =
                judged.features().stream().collect(Collectors.toMap(JudgedFeatureView::id, Function.identity()));
        for (FeatureView feature : judged.drawn()) {
            JudgedFeatureView of = by.get(feature.id());
            if (of != null) {
                features.of(feature, of, blocks);
            }
        }
    }

    private void looked(List<ItemView> items, List<Block> blocks) {
        if (!items.isEmpty()) {
            blocks.add(Grid.of(
                    columns.of("looked-at", "found", "note", "by"),
                    items.stream()
                            .map(item -> Line.of(
                                    item.name(),
                                    words.say("report.found." + (item.found() == null ? "nobody" : item.found())),
                                    item.note(),
                                    item.person() == null ? "" : item.person()))
                            .toList()));
        }
    }

    private void rules(Paper paper, List<Block> blocks) {
        blocks.add(Title.of(2, words.say("report.rules")));
        blocks.add(Grid.of(
                columns.of("question", "in-force"),
                Setting.ofJobs().stream()
                        .filter(setting -> setting != Setting.CAUTIONS)
                        .map(setting -> Line.of(
                                words.say("trail.setting." + setting.code()),
                                choice(setting, paper.job().choiceOf(setting))))
                        .filter(line -> !line.cells().get(1).isEmpty())
                        .toList()));
    }

    private String choice(Setting setting, String chosen) {
        String key = "report.choice." + setting.code() + "." + chosen;
        return words.has(key) ? words.say(key) : chosen;
    }
}
