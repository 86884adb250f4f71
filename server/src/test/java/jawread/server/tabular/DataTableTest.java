package jawread.server.tabular;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipFile;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A table as other programs read it. */
class DataTableTest {
    private static final DataTable TABLE = new DataTable(
            "readings",
            List.of("feature", "reading", "taken_at"),
            List.of(
                    Arrays.asList(
                            "bore, \"new\"\nmiddle", new BigDecimal("-0.0120"), Instant.parse("2026-03-10T08:15:30Z")),
                    Arrays.asList("=HYPERLINK(\"x\")", new BigDecimal("25"), null)));

    @Test
    void csv_is_as_the_rfc_has_it() {
        assertThat(Separated.csv(TABLE))
                .isEqualTo("feature,reading,taken_at\r\n\"bore, \"\"new\"\"\nmiddle\",-0.0120,2026-03-10T08:15:30Z\r\n"
                        + "\"'=HYPERLINK(\"\"x\"\")\",25,\r\n");
    }

    @Test
    void tabs_part_the_cells_of_a_clipboard() {
        assertThat(Separated.tabs(TABLE)).startsWith("feature\treading\ttaken_at\n\"bore,");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-1 mm", "@x", "'=1", "''-x", "'quoted'", "plain", "", "\ttab", "it's = so"})
    void text_comes_back_as_it_was_and_no_formula_goes_out(String text) {
        var one = new DataTable("one", List.of("text"), List.of(List.of((Object) text)));
        String written = Separated.csv(one).split("\r\n", 2)[1];
        written = written.substring(0, written.length() - 2).replaceAll("^\"|\"$", "");
        assertThat(written.isEmpty() ? "" : written.substring(0, 1)).isNotIn("=", "+", "-", "@", "\t");
        assertThat(Separated.read(written)).isEqualTo(text);
    }

    @Test
    void a_workbook_has_real_numbers_and_heads_that_stay(@TempDir Path folder) throws Exception {
        var written = new ByteArrayOutputStream();
        Xlsx.write(List.of(TABLE), "1.0", written);
        try (var book =
                new ReadableWorkbook(new ByteArrayInputStream(written.toByteArray()), new ReadingOptions(true, true))) {
            List<Row> rows = book.getFirstSheet().read();
            assertThat(rows.get(0).getCellText(1)).isEqualTo("reading");
            Cell number = rows.get(1).getCell(1);
            assertThat(number.getType()).isEqualTo(CellType.NUMBER);
            assertThat(number.asNumber()).isEqualByComparingTo("-0.0120");
            assertThat(number.getDataFormatString()).isEqualTo("0.0000");
            assertThat(rows.get(2).getCell(0).getType()).isEqualTo(CellType.STRING);
            assertThat(rows.get(2).getCell(0).asString()).isEqualTo("=HYPERLINK(\"x\")");
            assertThat(rows.get(1).getCell(2).asDate()).hasToString("2026-03-10T08:15:30");
        }
        Path file = Files.write(folder.resolve("book.xlsx"), written.toByteArray());
        try (var zip = new ZipFile(file.toFile())) {
            String table = new String(
                    zip.getInputStream(zip.getEntry("xl/worksheets/sheet1.xml")).readAllBytes(),
                    StandardCharsets.UTF_8);
            assertThat(table).contains("state=\"frozen\"").doesNotContain("<f>");
        }
    }
}
