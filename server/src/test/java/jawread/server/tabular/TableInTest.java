package jawread.server.tabular;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.TableIn.NoTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TableInTest {
    private static final List<Line> WANTED = List.of(
            new Line(1, List.of("part", "Ø [mm]")),
            new Line(2, List.of("Größe 1", "25,01")),
            new Line(4, List.of("Größe 2", "25,02")));

    private static final String SEMICOLONS = "part;Ø [mm]\r\nGröße 1;25,01\r\n\r\nGröße 2;25,02\r\n";

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16", "UTF-16LE", "windows-1252"})
    void one_table_in_any_encoding_is_one_table(String charset) {
        String mark = charset.equals("UTF-16LE") ? "\uFEFF" : "";
        assertThat(TableIn.of((mark + SEMICOLONS).getBytes(Charset.forName(charset)))
                        .rows())
                .isEqualTo(WANTED);
    }

    @ParameterizedTest
    @CsvSource({"'\t','\n'", "'\t','\r\n'", "';','\n'", "';','\r'"})
    void tabs_and_semicolons_and_any_line_ends(String apart, String end) {
        String text = SEMICOLONS.replace("\r\n", end).replace(";", apart);
        assertThat(TableIn.of(text.getBytes(StandardCharsets.UTF_8)).rows()).isEqualTo(WANTED);
    }

    @ParameterizedTest
    @CsvSource({"%PDF-1.7,table-pdf", "'{\n  \"home\": 1}',table-json", "'[ {\"a\": 1}]',table-json"})
    void a_file_of_another_kind_is_called_what_it_is(String file, String code) {
        assertThat(catchThrowableOfType(NoTable.class, () -> TableIn.of(file.getBytes(StandardCharsets.UTF_8)))
                        .code())
                .isEqualTo(code);
    }

    @Test
    void commas_with_quotation_marks_and_line_ends_in_them() {
        String text = "\uFEFFpart,note,size\r\n\"a, b\",\"two\nlines\",\"3/4\"\"\"\n'=1+1,3/4\",.5\n";
        assertThat(TableIn.of(text.getBytes(StandardCharsets.UTF_8)).rows())
                .containsExactly(
                        new Line(1, List.of("part", "note", "size")),
                        new Line(2, List.of("a, b", "two\nlines", "3/4\"")),
                        new Line(4, List.of("=1+1", "3/4\"", ".5")));
    }

    @Test
    void a_workbook_of_ours_comes_back_with_its_decimals_and_times() throws Exception {
        var file = new ByteArrayOutputStream();
        Xlsx.write(
                List.of(new DataTable(
                        "readings",
                        List.of("part", "reading", "taken_at", "note"),
                        List.of(Arrays.asList(
                                "seat 1", new BigDecimal("25.100"), Instant.parse("2026-03-10T07:15:30Z"), null)))),
                "1.0",
                file);
        assertThat(TableIn.of(file.toByteArray()).rows())
                .containsExactly(
                        new Line(1, List.of("part", "reading", "taken_at", "note")),
                        new Line(2, List.of("seat 1", "25.100", "2026-03-10T07:15:30Z")));
    }

    private static NoTable refusal(byte[] file) {
        return catchThrowableOfType(NoTable.class, () -> TableIn.of(file));
    }

    private static NoTable refusal(String text) {
        return refusal(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void what_is_no_table_is_refused_with_where() throws Exception {
        assertThat(refusal("").code()).isEqualTo("table-empty");
        assertThat(refusal("\r\n".repeat(1_000_000)).code()).isEqualTo("table-empty");
        assertThat(refusal("a;b\n1;\u0000\n"))
                .extracting(NoTable::code, NoTable::line)
                .containsExactly("table-no-text", 2);
        assertThat(refusal("a;b\n" + "x;".repeat(10_000)))
                .extracting(NoTable::code, NoTable::line)
                .containsExactly("table-columns", 2);
        assertThat(refusal("a;b\n1;" + "x".repeat(10_000_000)))
                .extracting(NoTable::code, NoTable::line)
                .containsExactly("table-cell", 2);
        assertThat(refusal("PK and nothing more").code()).isEqualTo("table-no-book");
        assertThat(refusal(zip("xl/worksheets/sheet1.xml", new byte[50_000_000]))
                        .code())
                .isEqualTo("table-bomb");
    }

    /** Of a text that grows by a thousand at each step nothing is made, and no file beside it is read. */
    @Test
    void entities_in_a_workbook_are_not_followed() throws Exception {
        String sheet =
                "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\">"
                        + "<!ENTITY s SYSTEM \"file:///etc/hostname\">]><worksheet><sheetData><row r=\"1\"><c r=\"A1\" t=\"inlineStr\">"
                        + "<is><t>&b;&s;</t></is></c></row></sheetData></worksheet>";
        byte[] book = book(sheet);
        try {
            assertThat(TableIn.of(book).rows().toString()).doesNotContain("aaaaaaaaaa");
        } catch (NoTable refused) {
            assertThat(refused.code()).isIn("table-no-book", "table-empty");
        }
    }

    private static byte[] zip(String name, byte[] content) throws Exception {
        var bytes = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content);
        }
        return bytes.toByteArray();
    }

    private static byte[] book(String sheet) throws Exception {
        var bytes = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("xl/workbook.xml"));
            zip.write(
                    ("<workbook xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\"><sheets>"
                                    + "<sheet name=\"one\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>")
                            .getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("xl/_rels/workbook.xml.rels"));
            zip.write("<Relationships><Relationship Id=\"rId1\" Target=\"worksheets/sheet1.xml\"/></Relationships>"
                    .getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
            zip.write(sheet.getBytes(StandardCharsets.UTF_8));
        }
        return bytes.toByteArray();
    }
}
