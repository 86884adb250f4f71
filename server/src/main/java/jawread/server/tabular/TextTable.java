package jawread.server.tabular;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.server.door.SoundText;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.TableIn.NoTable;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A table in text: parted by commas, semicolons or tabs, in UTF-8, UTF-16 or Windows-1252, with any line ends. */
final class TextTable {
    /** Of so many lines that the text begins with the delimiter is told. */
    private static final int LINES_LOOKED_AT = 20;

    private static final Charset WESTERN = Charset.forName("windows-1252");

    private TextTable() {}

    /** Throws {@link NoTable} for what is no text, and for a quotation that never ends. */
    static List<Line> lines(byte[] file) {
        return read(decoded(file));
    }

    private static String decoded(byte[] file) {
        if (startsWith(file, 0xFF, 0xFE)) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16LE);
        }
        if (startsWith(file, 0xFE, 0xFF)) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16BE);
        }
        int from = startsWith(file, 0xEF, 0xBB, 0xBF) ? 3 : 0;
        ByteBuffer bytes = ByteBuffer.wrap(file, from, file.length - from);
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(bytes).toString();
        } catch (CharacterCodingException older) {
            return new String(file, WESTERN);
        }
    }

    private static boolean startsWith(byte[] file, int... marks) {
        for (int i = 0; i < marks.length; i++) {
            if (file.length <= i || (file[i] & 0xFF) != marks[i]) {
                return false;
            }
        }
        return true;
    }

    private static List<Line> read(String text) {
        refuseWhatIsNoText(text);
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(text))
                .setIgnoreEmptyLines(false)
                .setLenientEof(true)
                .setTrailingData(true)
                .get();
        var lines = new LinesRead();
        try (var parser = format.parse(new StringReader(text))) {
            for (CSVRecord each : parser) {
                lines.add(each.stream(), (int) lineOf(each, parser.getCurrentLineNumber()));
            }
        } catch (IOException | UncheckedIOException broken) {
            throw new NoTable("table-broken", lines.last() + 1);
        }
        return lines.all();
    }

    private static void refuseWhatIsNoText(String text) {
        if (!SoundText.isSound(text)) {
            List<String> lines = text.lines().toList();
            int line = IntStream.range(0, lines.size())
                    .filter(at -> !SoundText.isSound(lines.get(at)))
                    .findFirst()
                    .orElse(0);
            throw new NoTable("table-no-text", line + 1);
        }
    }

    /** Where a record begins, of which the parser has seen the last line. */
    private static long lineOf(CSVRecord of, long last) {
        long within = of.stream()
                .mapToLong(cell -> cell.chars().filter(each -> each == '\n').count())
                .sum();
        return Math.max(1, last - within);
    }

    /** Tabs where there are any; else what parts most lines alike. A comma may be a decimal mark, so that a semicolon goes before it. */
    private static char delimiter(String text) {
        List<String> first = text.lines()
                .filter(line -> !line.isBlank())
                .limit(LINES_LOOKED_AT)
                .toList();
        return Stream.of('\t', ';', ',')
                .filter(mark ->
                        first.stream().filter(line -> line.indexOf(mark) >= 0).count() * 2 >= first.size()
                                && !first.isEmpty())
                .findFirst()
                .orElse(text.indexOf('\t') >= 0 ? '\t' : text.indexOf(';') >= 0 ? ';' : ',');
    }
}
