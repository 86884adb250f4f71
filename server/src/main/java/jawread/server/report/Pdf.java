package jawread.server.report;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.logging.Level;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The same page as a PDF: vector pictures, bookmarks, tagged, with its own letters in it. It resolves nothing but what ships with us. */
@Component
public class Pdf {
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><title>%s</title>
            <meta name="subject" content="Report of measurement" /><meta name="keywords" content="%s" />
            <bookmarks>%s</bookmarks>
            <style>%s %s</style></head><body>%s</body></html>
            """;

    private static final Map<String, Integer> LETTERS = Map.of("letters-regular.ttf", 400, "letters-bold.ttf", 700);

    private final String look;

    Pdf() throws IOException {
        // What it has to say of our own pages is for whoever changes them.
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.SEVERE));
        look = new ClassPathResource("static/report/report.css").getContentAsString(StandardCharsets.UTF_8);
    }

    /**
     * Writes it.
     *
     * @param article as {@link Html#article} makes it, and what stands after it
     * @param about words kept in the file, by which it is known again; may be empty
     */
    public void write(Document document, String article, PaperSize size, String about, OutputStream to)
            throws IOException {
        var builder = new PdfRendererBuilder();
        builder.usePdfUaAccessibility(true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useUriResolver((base, uri) -> uri.startsWith("#") ? uri : null);
        LETTERS.forEach(
                (file, weight) -> builder.useFont(() -> letters(file), "Report", weight, FontStyle.NORMAL, true));
        builder.withHtmlContent(
                PAGE.formatted(
                        Html.escaped(document.title()),
                        Html.escaped(about),
                        bookmarks(document),
                        look,
                        size.rule(),
                        article),
                null);
        builder.toStream(to);
        builder.run();
    }

    private static java.io.InputStream letters(String file) {
        try {
            return new ClassPathResource("static/report/" + file).getInputStream();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Where each section begins, numbered as the template numbers them. */
    private static String bookmarks(Document document) {
        var all = new StringBuilder();
        int at = 1;
        for (Block block : document.blocks()) {
            if (block instanceof Block.Title title) {
                all.append("<bookmark name=\"")
                        .append(Html.escaped(title.text()))
                        .append("\" href=\"#section-")
                        .append(at)
                        .append("\"/>");
            }
            at++;
        }
        return all.toString();
    }
}
