package jawread.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.drawer.UncertaintyView;
import jawread.server.form.FormView.FormFigureView;
import jawread.server.form.FormView.FormInFullView;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.JudgementView.JudgedInFullView;
import jawread.server.judgement.JudgementView.JudgedPlaceView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.ReadingView;
import jawread.server.judgement.SheetView.SaidView;
import jawread.server.paper.Block;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
import jawread.server.paper.Block.Picture;
import jawread.server.paper.Block.Pictures;
import jawread.server.paper.Block.Title;
import jawread.server.paper.Block.Weight;
import jawread.server.words.Moments;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** A size of one part on paper: its verdict, its pictures, each place, each reading. */
@Component
class FeatureOnPaper {
    private final FeatureNames names;
    private final Columns columns;
    private final Moments moments;
    private final Words words;

    FeatureOnPaper(FeatureNames names, Columns columns, Moments moments, Words words) {
        this.names = names;
        this.columns = columns;
        this.moments = moments;
        this.words = words;
    }

    void of(FeatureView feature, JudgedFeatureView judged, List<Block> blocks) {
        var verdict = judged.verdict();
        blocks.add(new Title(
                3,
                words.say("report.of-feature", Map.of("feature", names.of(feature), "verdict", verdict.word())),
                verdict.mark(),
                verdict.side()));
        boolean isToldByForm = judged.form() != null && judged.form().story().contains(verdict.sentence());
        if (!isToldByForm && !verdict.sentence().isEmpty()) {
            blocks.add(new Block.Paragraph(Weight.STRONG, verdict.sentence()));
        }
        blocks.add(new Block.Paragraph(Weight.QUIET, limits(feature, judged)));
        Stream.of(judged.envelope(), judged.runout(), judged.together())
                .filter(said -> said != null && !said.isEmpty())
                .forEach(said -> blocks.add(Block.Paragraph.plain(said)));
        if (judged.straightness() != null && !judged.straightness().said().isEmpty()) {
            blocks.add(Block.Paragraph.plain(judged.straightness().said()));
        }
        judged.underPlan().forEach(said -> blocks.add(new Block.Paragraph(Weight.QUIET, said)));
        if (judged.form() != null) {
            blocks.add(Block.Paragraph.plain(judged.form().story()));
            judged.form().hints().forEach(hint -> blocks.add(new Block.Paragraph(Weight.BARRED, hint)));
        }
        if (judged.methods() != null) {
            blocks.add(Block.Paragraph.plain(judged.methods().sentence()));
        }
        pictures(feature, judged, blocks);
        JudgedInFullView inFull = judged.inFull();
        if (inFull != null) {
            if (inFull.form() != null) {
                figures(inFull.form(), blocks);
            }
            places(inFull.places(), blocks);
        }
    }

    private String limits(FeatureView feature, JudgedFeatureView judged) {
        return Stream.of(
                        words.say(
                                "report.limits",
                                Map.of("limits", feature.limits().sentence())),
                        feature.service() == null
                                ? ""
                                : words.say(
                                        "report.service",
                                        Map.of("service", feature.service().withUnit())),
                        feature.reworked() == null
                                ? ""
                                : words.say(
                                        "report.reworked",
                                        Map.of("step", feature.reworked().text())),
                        judged.round(),
                        judged.cut())
                .filter(said -> said != null && !said.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    private void pictures(FeatureView feature, JudgedFeatureView judged, List<Block> blocks) {
        var pictures = new ArrayList<Picture>();
        String window = WindowDrawing.of(feature, judged);
        if (!window.isEmpty() && !judged.sizes().isEmpty()) {
            pictures.add(new Picture(window, ""));
        }
        if (judged.inFull() != null && judged.inFull().form() != null) {
            pictures.addAll(new FormDrawings(judged.inFull().form().picture(), feature).all());
        }
        if (!pictures.isEmpty()) {
            blocks.add(new Pictures(pictures));
        }
    }

    private void figures(FormInFullView form, List<Block> blocks) {
        if (!form.figures().isEmpty()) {
            blocks.add(Grid.of(
                    columns.of("figure", "where", "measured", "limit", "verdict", "remark"),
                    form.figures().stream().map(this::figure).toList()));
        }
        form.remarks().forEach(remark -> blocks.add(new Block.Paragraph(Weight.QUIET, remark)));
    }

    private Line figure(FormFigureView figure) {
        return Line.of(
                figure.what(),
                figure.where(),
                figure.figure().inBoth(),
                figure.limit() == null ? "" : figure.limit().withUnit(),
                figure.mark().isEmpty() ? "" : figure.word(),
                figure.sentence());
    }

    private void places(List<JudgedPlaceView> places, List<Block> blocks) {
        blocks.add(Grid.of(
                columns.of("place", "value", "other-unit", "verdict", "risk", "repeats"),
                places.stream().map(this::place).toList()));
        List<Line> readings = places.stream()
                .map(JudgedPlaceView::place)
                .flatMap(place -> Stream.concat(place.readings().stream(), place.quick().stream())
                        .map(reading -> reading(place, reading)))
                .toList();
        if (!readings.isEmpty()) {
            blocks.add(Grid.of(columns.of("number", "place", "reading", "gauge", "by", "taken", "remark"), readings));
        }
        for (JudgedPlaceView judged : places) {
            PlaceView place = judged.place();
            place.doubts()
                    .forEach(doubt -> blocks.add(new Block.Paragraph(Weight.BARRED, at(place, doubt.sentence()))));
            if (place.skip() != null) {
                blocks.add(new Block.Paragraph(Weight.BARRED, at(place, said("report.passed-over", place.skip()))));
            }
            place.notes().forEach(note -> blocks.add(Block.Paragraph.plain(at(place, said("report.noted", note)))));
        }
        places.stream().filter(place -> place.known() != null).findFirst().ifPresent(place -> known(place, blocks));
    }

    private Line place(JudgedPlaceView judged) {
        PlaceView place = judged.place();
        return Line.of(
                place.name(),
                place.known() == null ? "" : place.known(),
                place.value() == null ? "" : place.value().other(),
                place.verdict().word(),
                place.risk() == null ? "" : place.risk(),
                place.repeats());
    }

    private Line reading(PlaceView place, ReadingView reading) {
        boolean isQuick = place.quick().contains(reading);
        String remark = Stream.of(
                        Stream.ofNullable(isQuick ? words.say("report.quick") : null),
                        Stream.ofNullable(reading.setting()),
                        Stream.ofNullable(reading.pins()),
                        Stream.ofNullable(reading.remark()),
                        Stream.ofNullable(reading.struck()).map(said -> said("report.struck", said)),
                        reading.notes().stream().map(said -> said("report.noted", said)))
                .flatMap(each -> each)
                .collect(Collectors.joining("; "));
        return new Line(
                List.of(
                        Long.toString(reading.seq()),
                        place.name(),
                        reading.size().withUnit(),
                        reading.gauge(),
                        reading.person(),
                        moments.moment(reading.takenAt()),
                        remark),
                reading.struck() != null);
    }

    private String said(String key, SaidView said) {
        return words.say(
                key, Map.of("reason", said.reason(), "person", said.person(), "at", moments.moment(said.at())));
    }

    private String at(PlaceView place, String said) {
        return words.say("report.at-place", Map.of("place", place.name(), "said", said));
    }

    /** What the first place with a size rests on: the others of the feature rest on the same. */
    private void known(JudgedPlaceView place, List<Block> blocks) {
        if (place.rule() != null) {
            blocks.add(new Block.Paragraph(Weight.QUIET, place.rule()));
        }
        UncertaintyView known = place.known();
        blocks.add(new Block.Paragraph(
                Weight.QUIET,
                words.say(
                        "report.known",
                        Map.of(
                                "place",
                                place.place().name(),
                                "expanded",
                                known.expanded().inBoth(),
                                "shares",
                                known.contributions().stream()
                                        .map(each -> words.say(
                                                "report.share",
                                                Map.of(
                                                        "name", each.name(),
                                                        "alone", each.alone().withUnit(),
                                                        "percent", Integer.toString(each.percent()))))
                                        .collect(Collectors.joining("; "))))));
    }
}
