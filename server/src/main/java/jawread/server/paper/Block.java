package jawread.server.paper;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.stream.IntStream;

/** What a report is made of, from top to bottom; all text as it is read. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "block")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Block.Title.class, name = "title"),
    @JsonSubTypes.Type(value = Block.Paragraph.class, name = "paragraph"),
    @JsonSubTypes.Type(value = Block.Facts.class, name = "facts"),
    @JsonSubTypes.Type(value = Block.Grid.class, name = "grid"),
    @JsonSubTypes.Type(value = Block.Pictures.class, name = "pictures")
})
public sealed interface Block {
    /**
     * @param level 2 of a section, 3 of what is in it; 1 is the report's own
     * @param mark of a verdict, drawn beside it; empty without one
     * @param side of the limits that the mark is drawn for
     */
    record Title(int level, String text, String mark, String side) implements Block {
        public static Title of(int level, String text) {
            return new Title(level, text, "", "");
        }
    }

    /** How a paragraph is set. */
    enum Weight {
        PLAIN,
        STRONG,
        QUIET,
        /** With a bar beside it: what must not be missed. */
        BARRED
    }

    record Paragraph(Weight weight, String text) implements Block {
        public static Paragraph plain(String text) {
            return new Paragraph(Weight.PLAIN, text);
        }
    }

    /** What is known at a glance: each by its name. */
    record Facts(List<Fact> facts) implements Block {
        public Facts {
            facts = List.copyOf(facts);
        }
    }

    record Fact(String name, String value) {}

    /** @param head a name for each column */
    record Grid(List<String> head, List<Line> lines) implements Block {
        public Grid {
            head = List.copyOf(head);
            lines = List.copyOf(lines);
        }

        /** Whether there is a column in which nothing stands: it is filled by hand. */
        boolean hasBoxes() {
            return IntStream.range(0, head.size())
                    .anyMatch(at ->
                            lines.stream().allMatch(line -> line.cells().get(at).isEmpty()));
        }

        /** Without the columns that say nothing in any line. */
        public static Grid of(List<String> head, List<Line> lines) {
            List<Integer> said = IntStream.range(0, head.size())
                    .filter(at -> lines.stream()
                            .anyMatch(line -> !line.cells().get(at).isEmpty()))
                    .boxed()
                    .toList();
            return new Grid(
                    said.stream().map(head::get).toList(),
                    lines.stream()
                            .map(line -> new Line(
                                    said.stream().map(line.cells()::get).toList(), line.struck()))
                            .toList());
        }
    }

    /**
     * @param cells one for each column
     * @param struck whether it counts no more
     */
    record Line(List<String> cells, boolean struck) {
        public Line {
            cells = List.copyOf(cells);
        }

        public static Line of(String... cells) {
            return new Line(List.of(cells), false);
        }
    }

    record Pictures(List<Picture> pictures) implements Block {
        public Pictures {
            pictures = List.copyOf(pictures);
        }
    }

    /**
     * @param svg drawn in lines and grey, so that it survives any printer
     * @param caption the same in words
     */
    record Picture(String svg, String caption) {
        /** For ears. */
        String spoken() {
            return caption.isEmpty() ? "between the limits" : caption;
        }
    }
}
