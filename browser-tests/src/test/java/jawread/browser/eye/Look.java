package jawread.browser.eye;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What an eye has of a drawn scale: its lines and its printed figures, by where they lie on the screen. */
public record Look(List<Line> lines, List<Figure> figures) {
    /** Two lines that lie closer meet. A hundredth of a pixel is far finer than the least count of any drawing. */
    static final double MEETS = 0.01;

    /** A line of one of the drawing's rows. */
    public record Line(String row, double x1, double y1, double x2, double y2) {}

    /** A printed figure, by its middle. */
    public record Figure(String row, String text, double x, double y, double size) {
        int number() {
            return Integer.parseInt(text);
        }
    }

    /** From what {@code look.js} brings: one look for each setting. */
    public static List<Look> all(String json) {
        var looks = new ArrayList<Look>();
        JsonParser.parseString(json).getAsJsonArray().forEach(look -> looks.add(one(look.getAsJsonObject())));
        return looks;
    }

    private static Look one(JsonObject look) {
        var lines = new ArrayList<Line>();
        for (JsonElement each : look.getAsJsonArray("lines")) {
            JsonArray line = each.getAsJsonArray();
            lines.add(new Line(text(line, 0), number(line, 1), number(line, 2), number(line, 3), number(line, 4)));
        }
        var figures = new ArrayList<Figure>();
        for (JsonElement each : look.getAsJsonArray("figures")) {
            JsonArray figure = each.getAsJsonArray();
            figures.add(new Figure(
                    text(figure, 0), text(figure, 1), number(figure, 2), number(figure, 3), number(figure, 4)));
        }
        return new Look(lines, figures);
    }

    private static String text(JsonArray array, int i) {
        return array.get(i).getAsString();
    }

    private static double number(JsonArray array, int i) {
        return array.get(i).getAsDouble();
    }

    /** The lines of a row, from left to right, and from the lowest to the highest where they stand above one another. */
    List<Line> row(String name) {
        return lines.stream()
                .filter(line -> line.row().equals(name))
                .sorted(Comparator.comparingDouble(Line::x1).thenComparing(line -> -line.y1()))
                .toList();
    }

    List<Figure> printed(String row) {
        return figures.stream().filter(figure -> figure.row().equals(row)).toList();
    }
}
