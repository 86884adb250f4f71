package jawread.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.server.paper.Block.Fact;
import jawread.server.paper.Block.Facts;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
import jawread.server.paper.Block.Paragraph;
import jawread.server.paper.Block.Picture;
import jawread.server.paper.Block.Pictures;
import jawread.server.paper.Block.Title;
import jawread.server.paper.Block.Weight;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A document as a PDF: every word of it once, in its order, on pages that hold together. */
class PdfTest {
    private static final String PICTURE = Svg.sized(100, 50, 42)
            .area(10, 10, 80, 30, Svg.METAL)
            .line(10, 25, 90, 25, Svg.INK, 2, "7 5")
            .circle(50, 25, 8, Svg.INK, 1, "")
            .within("matrix(-1 0 0 1 100 0)")
            .path("M19 4H15V28H19M31 16 35.5 20.5Z", Svg.INK, 2)
            .end()
            .text(50, 48, "middle", 9, "drawn")
            .drawn();

    /** One point. */
    private static final String MARK =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNk+A8AAQUBAScY42YAAAAASUVORK5CYII=";

    private static Document document(Block... blocks) {
        return new Document(MARK, "a job", List.of("Report: a job"), List.of(blocks));
    }

    private static PDDocument written(Block... blocks) throws IOException {
        var file = new ByteArrayOutputStream();
        new Pdf().write(document(blocks), PaperSize.A4, "known", file);
        return Loader.loadPDF(file.toByteArray());
    }

    private static List<String> words(PDDocument pdf, int page) throws IOException {
        var reader = new PDFTextStripper();
        reader.setStartPage(page);
        reader.setEndPage(page);
        return Arrays.asList(reader.getText(pdf).strip().split("[\\s\u00a0]+"));
    }

    private static Block[] everything() {
        List<Line> lines = IntStream.rangeClosed(1, 90)
                .mapToObj(i -> new Line(List.of("line" + i, "as far as " + i + ".5 mm goes"), i % 7 == 0))
                .toList();
        return new Block[] {
            new Title(2, "What it comes to", "gone", "high"),
            new Facts(List.of(new Fact("Material", "steel"), new Fact("Parts", "two of them"))),
            new Paragraph(Weight.BARRED, "Not to be missed"),
            new Title(3, "bore", "", ""),
            new Grid(List.of("Place", "Size"), lines),
            new Pictures(List.of(new Picture(PICTURE, "seen from the end"), new Picture(PICTURE, ""))),
            new Paragraph(Weight.QUIET, "last of all")
        };
    }

    @Test
    void every_word_stands_once_and_in_its_order() throws IOException {
        try (PDDocument pdf = written(everything())) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(1);
            var said = new ArrayList<String>();
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                List<String> words = words(pdf, page);
                assertThat(words)
                        .startsWith("Report:", "a", "job")
                        .endsWith("page", "" + page, "of", "" + pdf.getNumberOfPages());
                words = words.subList(3, words.size() - 4);
                // The head of the table, on each page that it goes on to.
                said.addAll(page > 1 && words.get(0).equals("Place") ? words.subList(2, words.size()) : words);
            }
            var expected = new ArrayList<>(List.of(
                    "a",
                    "job",
                    "What",
                    "it",
                    "comes",
                    "to",
                    "Material",
                    "steel",
                    "Parts",
                    "two",
                    "of",
                    "them",
                    "Not",
                    "to",
                    "be",
                    "missed",
                    "bore",
                    "Place",
                    "Size"));
            for (int i = 1; i <= 90; i++) {
                expected.addAll(List.of("line" + i, "as", "far", "as", i + ".5", "mm", "goes"));
            }
            expected.addAll(List.of("drawn", "seen", "from", "the", "end", "drawn", "last", "of", "all"));
            assertThat(said).containsExactlyElementsOf(expected);
            // The page that is shown and printed says the same, in the same order.
            String page = new Html().article(document(everything()));
            assertThat(page.replaceAll("</?span[^>]*>", "")
                            .replaceAll("<[^>]*>", " ")
                            .strip()
                            .split("\\s+"))
                    .containsExactlyElementsOf(Stream.concat(Stream.of("Report:", "a", "job"), expected.stream())
                            .toList());
        }
    }

    @Test
    void whatever_is_read_aloud_has_its_element_and_every_picture_its_words() throws IOException {
        try (PDDocument pdf = written(everything())) {
            var catalog = pdf.getDocumentCatalog();
            assertThat(catalog.getLanguage()).isEqualTo("en");
            assertThat(catalog.getMarkInfo().isMarked()).isTrue();
            assertThat(catalog.getViewerPreferences().displayDocTitle()).isTrue();
            assertThat(new String(catalog.getMetadata().toByteArray(), java.nio.charset.StandardCharsets.UTF_8))
                    .contains("pdfuaid:part");
            assertThat(pdf.getDocumentInformation().getKeywords()).isEqualTo("known");
            var kinds = new HashSet<String>();
            int marked = pieces(catalog.getStructureTreeRoot().getCOSObject(), kinds);
            int inPages = 0;
            for (var page : pdf.getPages()) {
                inPages += new String(page.getContents().readAllBytes(), java.nio.charset.StandardCharsets.US_ASCII)
                                .split("/MCID", -1)
                                .length
                        - 1;
            }
            assertThat(marked).isEqualTo(inPages);
            assertThat(kinds).contains("Document", "H1", "H2", "H3", "P", "Table", "TR", "TH", "TD", "Figure");
        }
    }

    private static int pieces(COSDictionary element, Set<String> kinds) {
        String kind = element.getNameAsString(COSName.S);
        kinds.add(kind);
        if ("Figure".equals(kind)) {
            assertThat(element.getString(COSName.ALT)).isNotBlank();
        }
        COSBase kids = element.getDictionaryObject(COSName.K);
        int pieces = 0;
        for (int i = 0; i < (kids instanceof COSArray all ? all.size() : kids == null ? 0 : 1); i++) {
            COSBase kid = kids instanceof COSArray all ? all.getObject(i) : kids;
            if (kid instanceof COSInteger || kid instanceof COSDictionary piece && piece.containsKey(COSName.MCID)) {
                pieces++;
            } else {
                pieces += pieces((COSDictionary) kid, kinds);
            }
        }
        return pieces;
    }

    @Test
    void a_line_higher_than_a_page_is_parted_and_nothing_of_it_is_lost() throws IOException {
        String long1 = "word ".repeat(4000).strip();
        try (PDDocument pdf = written(new Grid(List.of("a", "b"), List.of(Line.of("x", long1))))) {
            int words = 0;
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                words += (int) words(pdf, page).stream().filter("word"::equals).count();
            }
            assertThat(words).isEqualTo(4000);
        }
    }

    @Test
    void a_title_is_never_the_last_thing_on_a_page() throws IOException {
        for (int before = 40; before < 70; before++) {
            var blocks = new ArrayList<Block>();
            IntStream.range(0, before).forEach(i -> blocks.add(Paragraph.plain("filled")));
            blocks.add(Title.of(2, "Section"));
            blocks.add(Title.of(3, "feature"));
            blocks.add(Paragraph.plain("under"));
            try (PDDocument pdf = written(blocks.toArray(Block[]::new))) {
                for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                    List<String> words = words(pdf, page);
                    assertThat(words.contains("Section")).as(before + " before").isEqualTo(words.contains("under"));
                }
            }
        }
    }

    /** A word without a blank, letters that there are none of, directions, and what would be an operator. */
    @Test
    void whatever_somebody_types_makes_a_page() throws IOException {
        String wild = "(\\) Tj ET \u0000\u0007 \ud83d\ude00 \u202e \ud800 " + "W".repeat(900) + " \u4e2d\u6587";
        try (PDDocument pdf = written(
                Title.of(2, wild),
                Paragraph.plain(wild),
                new Facts(List.of(new Fact(wild, wild))),
                new Grid(
                        IntStream.range(0, 12).mapToObj(i -> wild).toList(),
                        List.of(new Line(java.util.Collections.nCopies(12, wild), true))))) {
            assertThat(String.join(" ", words(pdf, 1))).contains("(\\) Tj ET");
            for (int page = 0; page < pdf.getNumberOfPages(); page++) {
                assertThat(new PDFRenderer(pdf).renderImage(page, 0.2f).getWidth())
                        .isPositive();
            }
        }
    }
}
