package jawread.server.paper;

import java.io.StringReader;
import java.util.Arrays;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * A picture that {@link Svg} has drawn, as operators of a page; heights go down. It knows what {@link Svg} draws, and passes over anything
 * else.
 *
 * @param width on paper, in points
 * @param height the same
 * @param ink drawn within that
 */
record PdfPicture(double width, double height, String ink) {
    private static final XMLInputFactory XML = XMLInputFactory.newDefaultFactory();
    private static final double POINTS_A_PIXEL = 0.75;
    /** Numbers of a curve: two that it bends to, and its end. */
    private static final int CURVE = 6;

    static {
        XML.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        XML.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        XML.setProperty(XMLInputFactory.IS_COALESCING, true);
    }

    /** Refuses with an {@link IllegalArgumentException} what is no picture of ours. */
    static PdfPicture of(String svg, PdfLetters letters) {
        try {
            return new Reading(XML.createXMLStreamReader(new StringReader(svg)), letters).picture();
        } catch (XMLStreamException e) {
            throw new IllegalArgumentException("This is no picture: " + svg, e);
        }
    }

    private static final class Reading {
        private final XMLStreamReader xml;
        private final PdfLetters letters;
        private final PdfInk ink = new PdfInk();
        private double width;
        private double height;

        private Reading(XMLStreamReader xml, PdfLetters letters) {
            this.xml = xml;
            this.letters = letters;
        }

        private PdfPicture picture() throws XMLStreamException {
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    begun();
                } else if (event == XMLStreamConstants.END_ELEMENT
                        && xml.getLocalName().equals("g")) {
                    ink.restored();
                }
            }
            return new PdfPicture(width, height, ink.toString());
        }

        private void begun() throws XMLStreamException {
            switch (xml.getLocalName()) {
                case "svg" -> open();
                case "g" -> ink.saved().does("cm", numbers(said("transform").replaceAll("[a-z()]", " ")));
                case "line" -> {
                    double[] ends = {number("x1"), number("y1"), number("x2"), number("y2")};
                    drawn(() -> ink.does("m", ends[0], ends[1]).does("l", ends[2], ends[3]));
                }
                case "circle" -> {
                    double[] circle = {number("cx"), number("cy"), number("r")};
                    drawn(() -> ink.circle(circle[0], circle[1], circle[2]));
                }
                case "rect" -> {
                    double[] box = {number("x"), number("y"), number("width"), number("height")};
                    drawn(() -> ink.does("re", box));
                }
                case "path" -> {
                    String path = said("d");
                    drawn(() -> path(path));
                }
                case "text" -> text();
                default -> {}
            }
        }

        private void open() {
            double[] box = numbers(said("viewBox"));
            width = number("width") * POINTS_A_PIXEL;
            height = number("height") * POINTS_A_PIXEL;
            double scale = width / box[2];
            ink.does("re", 0, 0, width, height).does("W").does("n");
            ink.placed(scale, scale, 0, 0);
        }

        private void drawn(Runnable outline) {
            String stroke = said("stroke");
            String fill = said("fill");
            if (!fill.isEmpty() && !fill.equals("none")) {
                ink.filledWith(fill);
                outline.run();
                ink.does(said("fill-rule").equals("evenodd") ? "f*" : "f");
            }
            if (!stroke.isEmpty()) {
                ink.strokedWith(stroke, number("stroke-width"), said("stroke-dasharray"));
                outline.run();
                ink.does("S");
            }
        }

        private void text() throws XMLStreamException {
            double size = number("font-size");
            double x = number("x");
            double y = number("y");
            String anchor = said("text-anchor");
            String colour = said("fill");
            String words = xml.getElementText();
            double wide = letters.width(words, size);
            double before = anchor.equals("end") ? wide : anchor.equals("middle") ? wide / 2 : 0;
            ink.filledWith(colour).words(letters, size, x - before, y, -1, words);
        }

        /** Moves, lines, level and upright ones, in the picture's own measure; and curves, measured from where each begins. */
        private void path(String path) {
            char command = ' ';
            double[] here = {0, 0};
            double[] said = new double[CURVE];
            int at = 0;
            while (at < path.length()) {
                char next = path.charAt(at);
                if (Character.isLetter(next)) {
                    command = next;
                    at++;
                    if (command == 'Z') {
                        ink.does("h");
                    }
                    continue;
                }
                int wanted = switch (command) {
                    case 'H', 'V' -> 1;
                    case 'c' -> CURVE;
                    default -> 2;
                };
                for (int i = 0; i < wanted; i++) {
                    while (path.charAt(at) == ' ' || path.charAt(at) == ',') {
                        at++;
                    }
                    int end = numberFrom(path, at);
                    said[i] = Double.parseDouble(path.substring(at, end));
                    at = end;
                }
                go(command, said, here);
                // What follows a move without another letter is a line.
                command = command == 'M' ? 'L' : command;
            }
        }

        /** @param here where it stands, and then where it went */
        private void go(char command, double[] said, double[] here) {
            switch (command) {
                case 'H' -> here[0] = said[0];
                case 'V' -> here[1] = said[0];
                case 'c' -> {
                    for (int i = 0; i < CURVE; i++) {
                        said[i] += here[i % 2];
                    }
                    ink.does("c", said);
                    here[0] = said[CURVE - 2];
                    here[1] = said[CURVE - 1];
                    return;
                }
                default -> {
                    here[0] = said[0];
                    here[1] = said[1];
                }
            }
            ink.does(command == 'M' ? "m" : "l", here);
        }

        private static int numberFrom(String path, int from) {
            int end = from + 1;
            while (end < path.length() && (Character.isDigit(path.charAt(end)) || path.charAt(end) == '.')) {
                end++;
            }
            return end;
        }

        private String said(String attribute) {
            String said = xml.getAttributeValue(null, attribute);
            return said == null ? "" : said;
        }

        private double number(String attribute) {
            String said = said(attribute);
            return said.isEmpty() ? 0 : Double.parseDouble(said);
        }

        private static double[] numbers(String said) {
            return Arrays.stream(said.strip().split("[ ,]+"))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
        }
    }
}
